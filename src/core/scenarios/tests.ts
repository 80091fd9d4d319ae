/** Verdicts of tests: repeats, conditions, a person's word, findings kept as found. Form: see `read-scenario.ts`. */
export const TEST_SCENARIOS = `
# a repeat with one of four readings is unfinished
08:00 test drops "Do the injectors drop alike?": 1 17 psi [siblings]; 2 16 psi [siblings]; 3 16 psi [siblings]; 4 24 psi [siblings]
10:00 again drops: 4 16 psi
=> drops fail
=> drops-again unsure
=> drops-again because Unfinished: not taken yet: 1, 2, 3

# the failing reading was not taken again
08:00 test trims "Is it lean?": at idle 19 % [-8..8 %]; at 2500 rpm = 4 % [-8..8 %]
10:00 again trims: at 2500 rpm = 3 %
=> trims fail
=> trims-again unsure
=> trims-again because at idle

# a repeat with all of them passes
08:00 test trims "Is it lean?": at idle 19 % [-8..8 %]; at 2500 rpm = 4 % [-8..8 %]
10:00 again trims: at idle 2 %; at 2500 rpm = 3 %
=> trims-again pass

# a repeat that fails again fails, finished or not
08:00 test trims "Is it lean?": at idle 19 % [-8..8 %]; at 2500 rpm = 4 % [-8..8 %]
10:00 again trims: at idle 18 %
=> trims-again fail

# a reading that stands empty beside one that passes
08:00 test press "Does the pressure hold?": at idle 3.9 bar [3.8..4.2 bar]; under load = [3.7..4.2 bar]
=> press unsure
=> press because under load

# a condition nobody spoke of
08:00 test rest "Does it rest at its target?": rest 0.77 V [0.8 V ± 0.1]
condition rest open: oil above 85 °C
=> rest unsure

# a condition that was not met makes it void
08:00 test rest "Does it rest at its target?": rest 1.22 V [0.8 V ± 0.1]
condition rest no (70 °C): oil above 85 °C
=> rest void

# a verdict by hand without a reason changes nothing
08:00 test a "Is it tight?": pressure lost 0.5 bar [≤ 0.1 bar]
hand a pass
=> a fail
=> a because without a reason

# a verdict by hand with its reason stands, and what was computed beside it
08:00 test a "Is it tight?": pressure lost 0.5 bar [≤ 0.1 bar]
hand a pass: the hose of the gauge leaked
=> a pass
=> a because the hose of the gauge leaked
=> a because Computed: fail

# an analysis that is unsure stays unsure, whatever its figures look like
08:00 found crank unsure "Two cylinders read low, and the battery fell meanwhile."
=> crank unsure

# an analysis that failed is not turned into a pass
08:00 found wheel fail "One tooth in each turn of the left front ring is missing."
=> wheel fail
=> wheel because One tooth

# a finding puts its part on the board
08:00 found back fail "The filter is blocked at every point." for particle filter, blocked
=> back fail
=> suspect particle filter, blocked for back

# a finding after the repair accuses nobody
cause: particle filter, blocked: repaired
08:00 repair: filter cleaned
09:00 found back fail "The filter is blocked at every point." for particle filter, blocked
=> no suspect

# a finding that a person overruled does not speak
08:00 found back fail "The filter is blocked at every point." for particle filter, blocked
hand back void: the sensor was unplugged
=> back void
=> no suspect

# what is left over after different starts is not compared
08:00 test hold "Which corner leaks?": FL left 5.1 bar [siblings]; FR left 6.0 bar [siblings]; RL left 6.1 bar [siblings]; RR left 6.0 bar [siblings]
=> hold unsure
=> hold because what each began at

# a repeat that passes only against a wider limit
08:00 test press "Does the pressure hold?": under load 2.1 bar [3.7..4.2 bar]
09:00 again press: under load 2.4 bar [≥ 2 bar]
=> press fail
=> press-again unsure
=> press-again because the first time the limit was 3.7..4.2 bar

# half a repeat of a repeat is half a repeat of the first
08:00 test press "Does the pressure hold?": at idle 2.1 bar [3.7..4.2 bar]; under load 1.8 bar [3.7..4.2 bar]
09:00 again press as second: at idle 3.9 bar
09:30 again second as third: at idle 3.9 bar
=> second unsure
=> third unsure
=> third because under load
`;
