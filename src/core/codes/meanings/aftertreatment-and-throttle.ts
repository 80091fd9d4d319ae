/**
 * Generic powertrain codes P2000 to P26FF, P2Axx, P2Bxx and P34xx: aftertreatment, electronic throttle, mixture,
 * nitrogen oxide sensors, boost and injection. SAE J2012 / ISO 15031-6 numbering from memory, in our own
 * words; rows as `readRows` reads them.
 */
export const AFTERTREATMENT_AND_THROTTLE = `
P2000 = nitrogen oxide trap efficiency below limit, bank 1
P2001 = nitrogen oxide trap efficiency below limit, bank 2
P2002 = particle filter efficiency below limit, bank 1
P2003 = particle filter efficiency below limit, bank 2
P2004 = intake runner control stuck open, bank 1
P2005 = intake runner control stuck open, bank 2
P2006 = intake runner control stuck closed, bank 1
P2007 = intake runner control stuck closed, bank 2
P2008 OLH intake runner control, bank 1
P2011 OLH intake runner control, bank 2
P2014 CRLHI intake runner position sensor, bank 1
P2019 CRLHI intake runner position sensor, bank 2
P2024 CRLHI fuel vapour temperature sensor
P2029 = fuel-fired heater disabled
P202A OLH reductant tank heater control
P2030 = fuel-fired heater performance
P2031 CLH exhaust temperature sensor, bank 1 sensor 2
P2034 CLH exhaust temperature sensor, bank 2 sensor 2
P2037 CRLHI reductant air pressure sensor
P203A CRLHI reductant level sensor
P203F = reductant level too low
P2042 CRLHI reductant temperature sensor
P2047 OLH reductant injector, bank 1 unit 1
P204Ax CRLHI reductant pressure sensor
P204F = reductant system performance, bank 1
P2050 OLH reductant injector, bank 2 unit 1
P2053 OLH reductant injector, bank 1 unit 2
P2056 OLH reductant injector, bank 2 unit 2
P2059 OLH reductant air pump control
P205Ax CRLHI reductant tank temperature sensor
P205F = reductant system performance, bank 2
P2062 OLH reductant supply control
P2065 CRLHI fuel level sensor B
P206A CRLH reductant quality sensor
P206E = intake manifold tuning valve stuck open, bank 2
P206F = intake manifold tuning valve stuck closed, bank 2
P2070 = intake manifold tuning valve stuck open, bank 1
P2071 = intake manifold tuning valve stuck closed, bank 1
P2072 = throttle ice blockage
P2075 CRLHI intake manifold tuning valve position sensor
P207F = reductant quality performance
P2080 = exhaust temperature sensor range or performance, bank 1 sensor 1
P2081 = exhaust temperature sensor circuit intermittent, bank 1 sensor 1
P2082 = exhaust temperature sensor range or performance, bank 2 sensor 1
P2083 = exhaust temperature sensor circuit intermittent, bank 2 sensor 1
P2084 = exhaust temperature sensor range or performance, bank 1 sensor 2
P2085 = exhaust temperature sensor circuit intermittent, bank 1 sensor 2
P2086 = exhaust temperature sensor range or performance, bank 2 sensor 2
P2087 = exhaust temperature sensor circuit intermittent, bank 2 sensor 2
P2088 LH intake camshaft solenoid, bank 1
P208A ORLH reductant pump control
P208E = reductant injector stuck closed, bank 1 unit 1
P2090 LH exhaust camshaft solenoid, bank 1
P2092 LH intake camshaft solenoid, bank 2
P2094 LH exhaust camshaft solenoid, bank 2
P2096 = mixture after catalyst too lean, bank 1
P2097 = mixture after catalyst too rich, bank 1
P2098 = mixture after catalyst too lean, bank 2
P2099 = mixture after catalyst too rich, bank 2
P20A0 ORLH reductant purge valve control
P20A4 = reductant purge valve stuck open
P20A5 = reductant purge valve stuck closed
P20B1 ORLH reductant heater coolant valve control
P20B5 = reductant heater coolant valve stuck open
P20B6 = reductant heater coolant valve stuck closed
P20B9x ORLH reductant heater A control
P20BDx ORLH reductant heater B control
P20C1 ORLH reductant heater C control
P20C5 ORLH reductant heater D control
P20CB ORLH aftertreatment fuel injector A control
P20CF = aftertreatment fuel injector A stuck open
P20D0 = aftertreatment fuel injector A stuck closed
P20D7x ORLH aftertreatment fuel supply control
P20DB = aftertreatment fuel supply control stuck open
P20DC = aftertreatment fuel supply control stuck closed
P20DDx CRLHI aftertreatment fuel pressure sensor
P20E2 = exhaust temperature sensors 1 and 2 correlation, bank 1
P20E8 = reductant pressure too low
P20E9 = reductant pressure too high
P20EE = nitrogen oxide catalyst efficiency below limit, bank 1
P20EF = nitrogen oxide catalyst efficiency below limit, bank 2
P20F4 = reductant consumption too high
P20F5 = reductant consumption too low
P2100 ORLH throttle motor
P2104 = throttle control: forced idle
P2105 = throttle control: forced engine stop
P2106 = throttle control: limited power
P2107 = throttle control module processor
P2108 = throttle control module performance
P2109 = throttle or pedal sensor A, minimum stop performance
P210A ORLH throttle motor B
P2110 = throttle control: limited speed
P2111 = throttle stuck open
P2112 = throttle stuck closed
P2113 = throttle or pedal sensor B, minimum stop performance
P2114 = throttle or pedal sensor C, minimum stop performance
P2115 = throttle or pedal sensor D, minimum stop performance
P2116 = throttle or pedal sensor E, minimum stop performance
P2117 = throttle or pedal sensor F, minimum stop performance
P2118 = throttle motor current range or performance
P2119 = throttle body range or performance
P2120 CRLHI pedal position sensor D
P2125 CRLHI pedal position sensor E
P2130 CRLHI throttle or pedal position sensor F
P2135 = throttle or pedal sensors A and B correlation
P2136 = throttle or pedal sensors A and C correlation
P2137 = throttle or pedal sensors B and C correlation
P2138 = pedal sensors D and E correlation
P2139 = pedal sensors D and F correlation
P2140 = pedal sensors E and F correlation
P2141 LH exhaust gas recirculation throttle control
P2143 OLH exhaust gas recirculation vent control
P2146 OLH injector supply A
P2149 OLH injector supply B
P2152 OLH injector supply C
P2155 OLH injector supply D
P2158 CRLI vehicle speed sensor B
P2162 = vehicle speed sensors A and B correlation
P2163 = throttle or pedal sensor A, maximum stop performance
P2164 = throttle or pedal sensor B, maximum stop performance
P2165 = throttle or pedal sensor C, maximum stop performance
P2166 = throttle or pedal sensor D, maximum stop performance
P2167 = throttle or pedal sensor E, maximum stop performance
P2168 = throttle or pedal sensor F, maximum stop performance
P2169 OLH exhaust pressure regulator vent solenoid
P2172 = throttle control: sudden high air flow
P2173 = throttle control: high air flow
P2174 = throttle control: sudden low air flow
P2175 = throttle control: low air flow
P2176 = throttle control: idle position not learned
P2177 = too lean off idle, bank 1
P2178 = too rich off idle, bank 1
P2179 = too lean off idle, bank 2
P2180 = too rich off idle, bank 2
P2181 = cooling system performance
P2182 CRLHI coolant temperature sensor 2
P2187 = too lean at idle, bank 1
P2188 = too rich at idle, bank 1
P2189 = too lean at idle, bank 2
P2190 = too rich at idle, bank 2
P2191 = too lean at higher load, bank 1
P2192 = too rich at higher load, bank 1
P2193 = too lean at higher load, bank 2
P2194 = too rich at higher load, bank 2
P2195 = oxygen sensor signal stuck lean, bank 1 sensor 1
P2196 = oxygen sensor signal stuck rich, bank 1 sensor 1
P2197 = oxygen sensor signal stuck lean, bank 2 sensor 1
P2198 = oxygen sensor signal stuck rich, bank 2 sensor 1
P2199 = intake air temperature sensors 1 and 2 correlation
P219A = air-fuel ratio uneven between cylinders, bank 1
P219B = air-fuel ratio uneven between cylinders, bank 2
P2200 CRLHI nitrogen oxide sensor, bank 1 sensor 1
P2205 OLH nitrogen oxide sensor heater, bank 1 sensor 1
P2208 CRLHI nitrogen oxide sensor heater sense, bank 1 sensor 1
P2213 CRLHI nitrogen oxide sensor, bank 2 sensor 1
P2218 OLH nitrogen oxide sensor heater, bank 2 sensor 1
P2221 CRLHI nitrogen oxide sensor heater sense, bank 2 sensor 1
P2226 CRLHI barometric sensor A
P2231 = oxygen sensor signal shorted to heater, bank 1 sensor 1
P2232 = oxygen sensor signal shorted to heater, bank 1 sensor 2
P2233 = oxygen sensor signal shorted to heater, bank 1 sensor 3
P2234 = oxygen sensor signal shorted to heater, bank 2 sensor 1
P2235 = oxygen sensor signal shorted to heater, bank 2 sensor 2
P2236 = oxygen sensor signal shorted to heater, bank 2 sensor 3
P2237 OLH oxygen sensor pumping current, bank 1 sensor 1
P2240 OLH oxygen sensor pumping current, bank 2 sensor 1
P2243 ORLH oxygen sensor reference voltage, bank 1 sensor 1
P2247 ORLH oxygen sensor reference voltage, bank 2 sensor 1
P2251 OLH oxygen sensor reference ground, bank 1 sensor 1
P2254 OLH oxygen sensor reference ground, bank 2 sensor 1
P2257 LH secondary air control A
P2259 LH secondary air control B
P2261 = turbo bypass valve mechanical
P2262 = boost pressure not detected, mechanical
P2263 = turbo boost system performance
P2264 CRLHI water-in-fuel sensor
P2269 = water in fuel
P2270 = oxygen sensor signal stuck lean, bank 1 sensor 2
P2271 = oxygen sensor signal stuck rich, bank 1 sensor 2
P2272 = oxygen sensor signal stuck lean, bank 2 sensor 2
P2273 = oxygen sensor signal stuck rich, bank 2 sensor 2
P2274 = oxygen sensor signal stuck lean, bank 1 sensor 3
P2275 = oxygen sensor signal stuck rich, bank 1 sensor 3
P2276 = oxygen sensor signal stuck lean, bank 2 sensor 3
P2277 = oxygen sensor signal stuck rich, bank 2 sensor 3
P2278 = oxygen sensor signals swapped, sensor 3 of both banks
P2279 = intake air leak
P2280 = air flow restricted or leak between air filter and air-flow meter
P2281 = air leak between air-flow meter and throttle
P2282 = air leak between throttle and intake valves
P2283 CRLHI injection control pressure sensor
P2288 = injection pressure too high
P2289 = injection pressure too high with the engine off
P2290 = injection pressure too low
P2291 = injection pressure too low while cranking
P2292 = injection pressure erratic
P2293 = fuel pressure regulator 2: range or performance
P2294 CLH fuel pressure regulator 2 control
P2297 = oxygen sensor out of range on overrun, bank 1 sensor 1
P2298 = oxygen sensor out of range on overrun, bank 2 sensor 1
P2299 = brake and accelerator pedal implausible together
P229Ex CRLHI nitrogen oxide sensor, bank 1 sensor 2
P22A3 OLH nitrogen oxide sensor heater, bank 1 sensor 2
P2400 OLH leak detection pump control
P2403 ORLHI leak detection pump sense
P2408 CRLHI fuel cap sensor
P2413 = exhaust gas recirculation system performance
P2414 = oxygen sensor exhaust sample error, bank 1 sensor 1
P2415 = oxygen sensor exhaust sample error, bank 2 sensor 1
P2416 = oxygen sensor signals swapped, bank 1 sensors 2 and 3
P2417 = oxygen sensor signals swapped, bank 2 sensors 2 and 3
P2418 OLH fuel vapour switching valve control
P2421 = fuel vapour vent valve stuck open
P2422 = fuel vapour vent valve stuck closed
P2423 = hydrocarbon adsorption catalyst efficiency below limit, bank 1
P2424 = hydrocarbon adsorption catalyst efficiency below limit, bank 2
P2425 OLH exhaust gas recirculation cooling valve
P2428 = exhaust gas temperature too high, bank 1
P2429 = exhaust gas temperature too high, bank 2
P242Ax CRLHI exhaust temperature sensor, bank 1 sensor 3
P242F = particle filter restricted by ash
P2430 CRLHI secondary air pressure sensor, bank 1
P2435 CRLHI secondary air pressure sensor, bank 2
P2440 = secondary air valve stuck open, bank 1
P2441 = secondary air valve stuck closed, bank 1
P2442 = secondary air valve stuck open, bank 2
P2443 = secondary air valve stuck closed, bank 2
P2444 = secondary air pump stuck on, bank 1
P2445 = secondary air pump stuck off, bank 1
P2446 = secondary air pump stuck on, bank 2
P2447 = secondary air pump stuck off, bank 2
P2448 = secondary air flow too high, bank 1
P2449 = secondary air flow too high, bank 2
P244A = particle filter differential pressure too low, bank 1
P244B = particle filter differential pressure too high, bank 1
P244C = exhaust too cold for particle filter regeneration, bank 1
P244D = exhaust too hot for particle filter regeneration, bank 1
P2450 = fuel vapour switching valve performance or stuck open
P2451 = fuel vapour switching valve stuck closed
P2452 CRLHI particle filter differential pressure sensor A
P2457 = exhaust gas recirculation cooler performance
P2458 = particle filter regeneration too long
P2459 = particle filter regeneration too often
P245A ORLH exhaust gas recirculation cooler bypass control
P245E = particle filter differential pressure sensor B: circuit
P245F = particle filter differential pressure sensor B: range or performance
P2460 LHI particle filter differential pressure sensor B
P2463 = particle filter soot accumulation
P246B = vehicle conditions not right for particle filter regeneration
P246E = exhaust temperature sensor, bank 1 sensor 4: circuit
P246F = exhaust temperature sensor, bank 1 sensor 4: range or performance
P2470 LHI exhaust temperature sensor, bank 1 sensor 4
P24AEx CRLHI particle sensor, bank 1 sensor 1
P2500 LH alternator lamp terminal
P2502 = charging system voltage
P2503 = charging system voltage low
P2504 = charging system voltage high
P2505 CRLHI engine module power input
P2510 = main relay sense: range or performance
P2511 = main relay sense: circuit intermittent
P2512 OLH event data recorder request
P2515 CRLH refrigerant pressure sensor B
P2519 CLH air conditioning request A
P2522 CLH air conditioning request B
P2525 CRLHI vacuum reservoir pressure sensor
P2530 CLH ignition switch, run position
P2533 CLH ignition switch, run or start position
P2536 CLH ignition switch, accessory position
P2539 CRLHI low-pressure fuel sensor
P2544 CRLH torque management request A
P2548 CRLH torque management request B
P2552 CRLH throttle or fuel inhibit
P2556 CRLH coolant level sensor
P2560 = coolant level low
P2561 = air conditioning module asks for the lamp
P2562 CRLHI turbo actuator position sensor
P2567 CRLHI ozone catalyst temperature sensor
P2572 CRLHI ozone catalyst sensor
P2577 = ozone catalyst efficiency below limit
P2578 CRLHI turbo speed sensor
P2584 = fuel additive module asks for the lamp
P2586 CRLHI turbo actuator position sensor B
P2600 ORLH coolant pump A control
P2604 RO intake heater A
P2606 RLH intake heater B
P2609 = intake heater system performance
P2610 = engine off timer performance
P2611 OLH refrigerant distribution valve control
P2614 OLH camshaft signal output
P2617 OLH crankshaft signal output
P2620 OLH throttle position output
P2623 OLH injection pressure regulator control
P2626 OLH oxygen sensor pumping current trim, bank 1 sensor 1
P2629 OLH oxygen sensor pumping current trim, bank 2 sensor 1
P2632 OLH fuel pump B control
P2635 = fuel pump A low flow or performance
P2636 = fuel pump B low flow or performance
P2637 CRLH torque management feedback A
P2641 CRLH torque management feedback B
P2645 OFKLH rocker arm actuator A, bank 1
P2650 OFKLH rocker arm actuator B, bank 1
P2655 OFKLH rocker arm actuator A, bank 2
P2660 OFKLH rocker arm actuator B, bank 2
P2665 OLH fuel shut-off valve B control
P2668 = fuel mode lamp control circuit
P2669 OLH actuator supply B
P2A00 = oxygen sensor circuit range or performance, bank 1 sensor 1
P2A01 = oxygen sensor circuit range or performance, bank 1 sensor 2
P2A02 = oxygen sensor circuit range or performance, bank 1 sensor 3
P2A03 = oxygen sensor circuit range or performance, bank 2 sensor 1
P2A04 = oxygen sensor circuit range or performance, bank 2 sensor 2
P2A05 = oxygen sensor circuit range or performance, bank 2 sensor 3
P2A06 = oxygen sensor negative voltage, bank 1 sensor 1
P2A07 = oxygen sensor negative voltage, bank 1 sensor 2
P2A08 = oxygen sensor negative voltage, bank 1 sensor 3
P2A09 = oxygen sensor negative voltage, bank 2 sensor 1
P2A10 = oxygen sensor negative voltage, bank 2 sensor 2
P2A11 = oxygen sensor negative voltage, bank 2 sensor 3
P2BA7 = nitrogen oxides too high, reductant tank empty
P2BA8 = nitrogen oxides too high, dosing interrupted
P2BA9 = nitrogen oxides too high, reductant quality insufficient
P2BAA = nitrogen oxides too high, reductant consumption too low
P2BAB = nitrogen oxides too high, exhaust gas recirculation flow incorrect
P2BAC = nitrogen oxides too high, exhaust gas recirculation switched off
P2BAD = nitrogen oxides too high, root cause unknown
P2BAE = nitrogen oxide control monitoring system
P3400 = cylinder deactivation system, bank 1
P3497 = cylinder deactivation system, bank 2
`;
