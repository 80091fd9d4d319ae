/**
 * Generic powertrain codes P0000 to P02FF: fuel, air, metering and injection. SAE J2012 / ISO 15031-6
 * numbering from memory, in our own words; rows as `readRows` reads them.
 */
export const FUEL_AND_AIR = `
P0001 ORLH fuel volume regulator control
P0005 OLH fuel shut-off valve control
P0008 = engine position system performance, bank 1
P0009 = engine position system performance, bank 2
P000A = intake cam slow response, bank 1
P000B = exhaust cam slow response, bank 1
P000C = intake cam slow response, bank 2
P000D = exhaust cam slow response, bank 2
P000E = fuel volume regulator control beyond its learning limit
P000F = fuel system over-pressure relief valve opened
P0010 = intake cam phaser solenoid circuit, bank 1
P0011 = intake cam over-advanced or sluggish, bank 1
P0012 = intake cam over-retarded, bank 1
P0013 = exhaust cam phaser solenoid circuit, bank 1
P0014 = exhaust cam over-advanced or sluggish, bank 1
P0015 = exhaust cam over-retarded, bank 1
P0016 = crank and intake cam correlation, bank 1
P0017 = crank and exhaust cam correlation, bank 1
P0018 = crank and intake cam correlation, bank 2
P0019 = crank and exhaust cam correlation, bank 2
P0020 = intake cam phaser solenoid circuit, bank 2
P0021 = intake cam over-advanced or sluggish, bank 2
P0022 = intake cam over-retarded, bank 2
P0023 = exhaust cam phaser solenoid circuit, bank 2
P0024 = exhaust cam over-advanced or sluggish, bank 2
P0025 = exhaust cam over-retarded, bank 2
P0026 = intake valve solenoid circuit range or performance, bank 1
P0027 = exhaust valve solenoid circuit range or performance, bank 1
P0028 = intake valve solenoid circuit range or performance, bank 2
P0029 = exhaust valve solenoid circuit range or performance, bank 2
P0030 CLH oxygen sensor heater, bank 1 sensor 1
P0033 CLH turbo bypass valve control
P0036 CLH oxygen sensor heater, bank 1 sensor 2
P0039 = turbo bypass valve control: range or performance
P003A = turbo boost control A position beyond its learning limit
P003B = turbo boost control B position beyond its learning limit
P0040 = oxygen sensor signals swapped, sensor 1 of both banks
P0041 = oxygen sensor signals swapped, sensor 2 of both banks
P0042 CLH oxygen sensor heater, bank 1 sensor 3
P0045 ORLH turbo boost control A
P0049 = turbo over speed
P004A ORLH turbo boost control B
P004E = turbo boost control A: circuit intermittent
P004F = turbo boost control B: circuit intermittent
P0050 CLH oxygen sensor heater, bank 2 sensor 1
P0053 = oxygen sensor heater resistance, bank 1 sensor 1
P0054 = oxygen sensor heater resistance, bank 1 sensor 2
P0055 = oxygen sensor heater resistance, bank 1 sensor 3
P0056 CLH oxygen sensor heater, bank 2 sensor 2
P0059 = oxygen sensor heater resistance, bank 2 sensor 1
P0060 = oxygen sensor heater resistance, bank 2 sensor 2
P0061 = oxygen sensor heater resistance, bank 2 sensor 3
P0062 CLH oxygen sensor heater, bank 2 sensor 3
P0065 RLH air-assisted injector control
P0068 = manifold pressure against throttle and air flow correlation
P0069 = manifold pressure against barometer correlation
P006A = manifold pressure against air flow correlation, bank 1
P006B = manifold pressure against exhaust pressure correlation
P006C = manifold pressure against turbo inlet pressure correlation
P006D = barometer against turbo inlet pressure correlation
P0070 CRLHI outside air temperature sensor
P0075 CLH intake valve solenoid, bank 1
P0078 CLH exhaust valve solenoid, bank 1
P007A CRLHI charge air cooler temperature sensor, bank 1
P007F = charge air cooler temperature sensors of banks 1 and 2 correlation
P0081 CLH intake valve solenoid, bank 2
P0084 CLH exhaust valve solenoid, bank 2
P0087 = fuel rail pressure too low
P0088 = fuel rail pressure too high
P0089 = fuel pressure regulator 1: range or performance
P008A = low-pressure fuel system pressure too low
P008B = low-pressure fuel system pressure too high
P008C OLH fuel cooler pump control
P008F = coolant temperature against fuel temperature correlation
P0090 OLH fuel pressure regulator 1 control
P0093 = fuel system large leak
P0094 = fuel system small leak
P0095 CRLHI intake air temperature sensor 2
P009A = intake air temperature against outside air temperature correlation
P009B = fuel pressure relief valve control: circuit open
P009C = fuel pressure relief valve control: range or performance
P009D LH fuel pressure relief valve control
P009F = fuel pressure relief valve stuck on
P00A0 CRLHI charge air cooler temperature sensor, bank 2
P00A5 CRLHI intake air temperature sensor 2, bank 2
P00AAx CRLHI intake air temperature sensor 1, bank 2
P00AF = turbo boost control A module performance
P00B0 = turbo boost control B module performance
P00B1 CRLHI radiator coolant temperature sensor
P00B6 = radiator coolant temperature against engine coolant temperature correlation
P00B7 = engine coolant flow low or performance
P00BC = air-flow meter A range or performance, air flow too low
P00BD = air-flow meter A range or performance, air flow too high
P00BE = air-flow meter B range or performance, air flow too low
P00BF = air-flow meter B range or performance, air flow too high
P00C0 CLH turbo bypass valve B control
P00C6 = fuel rail pressure too low while cranking
P00C7 = intake air pressure sensors do not agree with each other
P00C8x OLH fuel pressure regulator 3 control
P00CE = intake air temperature sensors do not agree with each other, bank 1
P00CF = intake air temperature sensors do not agree with each other, bank 2
P0100 CRLHI air-flow meter A
P0105 CRLHI manifold pressure sensor
P010A CRLHI air-flow meter B
P010F = air-flow meters A and B correlation
P0110 CRLHI intake air temperature sensor 1
P0115 CRLHI coolant temperature sensor 1
P011A = coolant temperature sensors 1 and 2 correlation
P011B = coolant temperature against intake air temperature correlation
P011C = charge air temperature against intake air temperature correlation, bank 1
P011D = charge air temperature against intake air temperature correlation, bank 2
P0120 CRLHI throttle or pedal position sensor A
P0125 = coolant too cold for closed-loop control
P0126 = coolant too cold for stable operation
P0127 = intake air temperature too high
P0128 = coolant below thermostat temperature
P0129 = barometric pressure too low
P012Ax CRLHI turbo inlet pressure sensor
P0130 CLHSN oxygen sensor, bank 1 sensor 1
P0135 = oxygen sensor heater circuit, bank 1 sensor 1
P0136 CLHSN oxygen sensor, bank 1 sensor 2
P013A = oxygen sensor slow from rich to lean, bank 1 sensor 2
P013B = oxygen sensor slow from lean to rich, bank 1 sensor 2
P013C = oxygen sensor slow from rich to lean, bank 2 sensor 2
P013D = oxygen sensor slow from lean to rich, bank 2 sensor 2
P013E = oxygen sensor delayed response from rich to lean, bank 1 sensor 2
P013F = oxygen sensor delayed response from lean to rich, bank 1 sensor 2
P0141 = oxygen sensor heater circuit, bank 1 sensor 2
P0142 CLHSN oxygen sensor, bank 1 sensor 3
P0147 = oxygen sensor heater circuit, bank 1 sensor 3
P0148 = fuel delivery error
P0149 = fuel timing error
P014A = oxygen sensor delayed response from rich to lean, bank 2 sensor 2
P014B = oxygen sensor delayed response from lean to rich, bank 2 sensor 2
P014C = oxygen sensor slow from rich to lean, bank 1 sensor 1
P014D = oxygen sensor slow from lean to rich, bank 1 sensor 1
P014E = oxygen sensor slow from rich to lean, bank 2 sensor 1
P014F = oxygen sensor slow from lean to rich, bank 2 sensor 1
P0150 CLHSN oxygen sensor, bank 2 sensor 1
P0155 = oxygen sensor heater circuit, bank 2 sensor 1
P0156 CLHSN oxygen sensor, bank 2 sensor 2
P015A = oxygen sensor delayed response from rich to lean, bank 1 sensor 1
P015B = oxygen sensor delayed response from lean to rich, bank 1 sensor 1
P015C = oxygen sensor delayed response from rich to lean, bank 2 sensor 1
P015D = oxygen sensor delayed response from lean to rich, bank 2 sensor 1
P0161 = oxygen sensor heater circuit, bank 2 sensor 2
P0162 CLHSN oxygen sensor, bank 2 sensor 3
P0167 = oxygen sensor heater circuit, bank 2 sensor 3
P0168 = fuel temperature too high
P0169 = wrong fuel composition
P016A = closed-loop air-fuel ratio control entered too late
P016D = closed-loop fuel pressure control entered too late
P016E = closed-loop fuel pressure control at its limit, pressure too low
P016F = closed-loop fuel pressure control at its limit, pressure too high
P0170 = fuel trim out of limits, bank 1
P0171 = mixture too lean, bank 1
P0172 = mixture too rich, bank 1
P0173 = fuel trim out of limits, bank 2
P0174 = mixture too lean, bank 2
P0175 = mixture too rich, bank 2
P0176 CRLH fuel composition sensor
P0180 CRLHI fuel temperature sensor A
P0185 CRLHI fuel temperature sensor B
P018A CRLHI fuel pressure sensor B
P018F = fuel system over-pressure relief valve opens too often
P0190 CRLHI fuel rail pressure sensor
P0195 CRLHI engine oil temperature sensor
P0200 = injector circuit
P0213 = cold start injector 1 circuit
P0214 = cold start injector 2 circuit
P0215 = engine shut-off solenoid circuit
P0216 = injection timing control circuit
P0217 = engine too hot
P0218 = transmission too hot
P0219 = engine overspeed
P0220 CRLHI throttle or pedal position sensor B
P0225 CRLHI throttle or pedal position sensor C
P022A OLH charge air cooler bypass control A
P022D OLH charge air cooler bypass control B
P0230 = fuel pump primary circuit
P0231 LHI fuel pump secondary circuit
P0234 = boost too high (overboost)
P0235 CRLH boost sensor A
P0239 CRLH boost sensor B
P023A OLH charge air cooler coolant pump control
P023D = manifold pressure against boost sensor A correlation
P023E = manifold pressure against boost sensor B correlation
P0243 CRLH wastegate solenoid A
P0247 CRLH wastegate solenoid B
P024A = charge air cooler bypass control: range or performance
P024B = charge air cooler bypass control stuck
P024C CRLH charge air cooler bypass position sensor
P0251 CRLHI injection pump metering A
P0256 CRLHI injection pump metering B
P025A ORLH fuel pump module control
P025E = boost sensor A: circuit intermittent
P025F = boost sensor B: circuit intermittent
P026A = charge air cooler efficiency below limit
P026C = injection quantity too low
P026D = injection quantity too high
P027A ORLH fuel pump module B control
P0297 = vehicle overspeed
P0298 = engine oil too hot
P0299 = boost too low (underboost)
P02E0 = diesel intake air flow control: circuit open
P02E1 = diesel intake air flow control: range or performance
P02E2 LH diesel intake air flow control
P02E4 = diesel intake air flow control stuck open
P02E5 = diesel intake air flow control stuck closed
P02E6x CRLHI diesel intake air flow position sensor
P02EB = diesel intake air flow control motor current range or performance
P02EC = diesel intake air flow too high
P02ED = diesel intake air flow too low
P02FA = diesel intake air flow position sensor, minimum or maximum stop performance
`;
