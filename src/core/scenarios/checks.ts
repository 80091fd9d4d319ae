/** Computed checks: what was not measured excludes nothing. Form: see `read-scenario.ts`. */
export const CHECKS_SCENARIOS = `
# feed good, control 0.4 V with the driver off alone
08:00 check coil switched-ground: supply=12.1 V; feed_off=12.1 V; control_off=0.4 V
=> coil fail
=> coil because open coil
=> coil because control wire shorted to ground
=> coil because driver stuck on
=> coil because Measure next: control wire at the part, switched on

# control at a clean 0 with the driver off: no voltage tells them apart, a test lamp does
08:00 check coil switched-ground: supply=12.1 V; feed_off=12.1 V; control_off=0 V; control_on=0 V; pin_off=0 V; pin_on=0 V
=> coil fail
=> coil because open coil
=> coil because Try a test lamp in place of the part

# the same with the driver on: it falls to a clean 0
08:00 check coil switched-ground: supply=12.1 V; feed_off=12.1 V; control_off=0.4 V; control_on=0.02 V
=> coil fail
=> coil because One fault explains it: open coil

# control at battery voltage off and nothing more
08:00 check coil switched-ground: supply=12.4 V; feed_off=12.4 V; control_off=12.4 V
=> coil unsure

# a chain that is good at every place passes
08:00 check path chain-search: path/1/place=battery; path/1/found=good; path/2/place=fuse; path/2/found=good; path/3/place=pump plug; path/3/found=good
=> path pass

# a chain good up to the last but one is not told
08:00 check path chain-search: path/1/place=battery; path/1/found=good; path/2/place=fuse; path/2/found=not probed; path/3/place=pump plug; path/3/found=not probed
=> path none

# along the exhaust the third of five lies
08:00 check egt along-a-pipe: each/1=779 °F; each/2=1050 °F; each/3=900 °F; each/4=1050 °F; each/5=1050 °F
=> egt fail
=> egt because 3: 900

# a step in the middle of the exhaust is a place, not a sensor
08:00 check egt along-a-pipe: each/1=1050 °F; each/2=1050 °F; each/3=700 °F; each/4=700 °F
=> egt unsure

# blocked at every point, and the filter stands on the board
08:00 check dpf filter-back-pressure: off=0 mbar; clean/1/flow=60 m³/h; clean/1/pressure=35 mbar; clean/2/flow=150 m³/h; clean/2/pressure=75 mbar; clean/3/flow=336 m³/h; clean/3/pressure=170 mbar; measured/1/flow=60 m³/h; measured/1/pressure=70 mbar; measured/2/flow=150 m³/h; measured/2/pressure=150 mbar; measured/3/flow=336 m³/h; measured/3/pressure=450 mbar
=> dpf fail
=> suspect particle filter, blocked for dpf

# the sensor that does not read 0 at rest is accused, not the filter
08:00 check dpf filter-back-pressure: off=40 mbar; clean/1/flow=60 m³/h; clean/1/pressure=35 mbar; clean/2/flow=150 m³/h; clean/2/pressure=75 mbar; measured/1/flow=60 m³/h; measured/1/pressure=70 mbar; measured/2/flow=150 m³/h; measured/2/pressure=150 mbar
=> dpf fail
=> suspect differential pressure sensor, wrong reading for dpf

# a temperature that can be is not a temperature that is right
08:00 check t plausible-value: kind=temperature; value=20 °C
=> t unsure
=> t because whether it is right is not told

# one sensor after a cold night says nothing
08:00 check soak cold-soak: sensors/coolant=12 °C
=> soak unsure

# charged, but nobody tested its plates
08:00 check bat battery-rest: rest=12.7 V; type=flooded
=> bat unsure
=> bat because load test

# charges at idle; under load and ripple not measured
08:00 check gen charging-voltage: rest=12.5 V; running=14.2 V; system=12 V
=> gen unsure
=> gen because under load

# few milliamps through the fuses that were measured
08:00 check draw parasitic-current: fuses/1/name=F14; fuses/1/rating=10 A; fuses/1/drop=0.1 mV; size=blade
=> draw unsure
=> draw because One that was not may draw more

# a sweep that was not brought back
08:00 check sweep command-actual: steps/1/command=0 %; steps/1/actual=0 %; steps/2/command=50 %; steps/2/actual=50 %; steps/3/command=100 %; steps/3/actual=99 %
=> sweep unsure
=> sweep because return

# left over after different starts, the starts not given
08:00 check left odd-one-out: kind=what was left of a start; each/FL=5.1 bar; each/FR=6.0 bar; each/RL=6.1 bar
=> left unsure
=> left because began at

# compression of three of four cylinders
08:00 check comp compression-spread: dry/1=12 bar; dry/2=12.1 bar; dry/3=11.9 bar; cylinders=4
=> comp unsure
=> comp because 3 of 4 cylinders
`;
