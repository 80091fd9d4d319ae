/** What became of each code over scans, clears and repairs. Form: see `read-scenario.ts`. */
export const CODES_SCENARIOS = `
# an engine-only report after the clear acquits no airbag code
08:00 scan: Engine: P0102 Air flow sensor circuit low stored; Airbag: B1234 stored
08:30 clear
08:40 scan: Engine: no codes
=> P0102 did not return leftover
=> B1234 not read
=> code B1234 because No scan since the clear read Airbag
=> grade none

# a report that could not be read acquits nothing
08:00 scan: Engine: P0102 stored; Airbag: B1234 stored
08:30 clear
08:40 scan: tool lost connection, report could not be read
=> P0102 not read
=> B1234 not read

# the tool is lost after the engine was read
08:00 scan: Engine: P0102 stored; Airbag: B1234 stored
08:30 clear
08:40 scan: Engine: no codes; Airbag; connection lost
=> P0102 did not return leftover
=> B1234 not read

# a module that does not answer after the clear acquits nothing
08:00 scan: Engine: P0102 stored; ABS: C0035 stored
08:30 clear
08:40 scan: Engine: no codes; ABS: no response
=> C0035 not read

# a bare list of codes does not say what it read
08:00 scan: P0171 stored; C0035 stored
08:30 clear
08:40 scan: P0171 stored
=> P0171 returned at once chase
=> C0035 not read
=> code C0035 because does not say which modules

# a bare list of the whole vehicle, as the person said
08:00 scan (vehicle): P0171 stored; C0035 stored
08:30 clear
08:40 scan (vehicle): P0171 stored
=> P0171 returned at once chase
=> C0035 did not return leftover

# no codes, without a word on what was read
08:00 scan: Engine: P0171 stored
08:30 clear
08:40 scan: No fault codes found
=> P0171 not read

# another tool calls the module by another name
08:00 scan: PCM - Powertrain control module; P0171 stored
08:30 clear
08:40 scan: Engine control module: no codes
=> P0171 did not return leftover

# a module with one more word in its name is another module
08:00 scan: Engine: P0171 stored; Body: B1479 stored
08:30 clear
08:40 scan: Engine sound module: no codes; Body: no codes
=> P0171 not read
=> B1479 did not return leftover

# a mixture code without a module is the engine's
08:00 scan: P0171 stored; P0562 stored
08:30 clear
08:40 scan: Engine: no codes; ABS: no codes
=> P0171 did not return leftover
=> P0562 not read

# back at once, on the road, and not again
08:00 scan: Engine: P0171 stored; P0300 stored; P0455 stored
08:30 clear
08:35 scan: Engine: P0171 stored
10:00 scan after road test: Engine: P0171 stored; P0300 pending
=> P0171 returned at once chase
=> P0300 returned on the road
=> P0455 did not return leftover

# a later scan without a word on the drive
08:00 scan: Engine: P0171 stored
08:30 clear
15:00 scan: Engine: P0171 stored
=> P0171 returned later
=> code P0171 because not told

# first read after the clear is not new when nobody read it before
08:00 scan: Engine: P0171 stored
08:30 clear
08:40 scan: Engine: no codes; Airbag: B0051 stored
=> B0051 no clear yet
=> code B0051 because whether it is new is not told

# new, where its module was read before
08:00 scan: Engine: P0171 stored; Airbag: no codes
08:30 clear
08:40 scan: Engine: P0171 stored; Airbag: B0051 active
=> B0051 new

# its test has not run since the clear
08:00 scan: Engine: P0420 stored
08:30 clear
08:40 scan: Engine; P0420 not run
=> P0420 not run yet

# cleared and not scanned
08:00 scan: Engine: P0420 stored
08:30 clear
=> P0420 not scanned since

# cured: the code of the repaired cause keeps its role
symptom: rough idle
08:00 scan: Engine: P0171 stored; P0507 pending; Transmission: no codes
cause: intake boot, cracked: repaired: P0171
10:00 repair: intake boot
10:30 clear
11:00 scan: Engine: no codes; Transmission: no codes
=> P0171 cured chase
=> P0507 cured knock-on
=> code P0171 because Stood before the repair
=> grade checked

# cleared first, then repaired
08:00 scan: Engine: P0171 stored
08:30 clear
cause: intake boot, cracked: repaired: P0171
10:00 repair: intake boot
11:00 scan: Engine: no codes
=> P0171 cured chase

# what went with the first clear, before any repair, is old; what the repair took is cured
08:00 scan: Engine: P0171 stored; P0455 stored
08:30 clear
08:40 scan: Engine: P0171 stored
cause: intake boot, cracked: repaired: P0171
10:00 repair: intake boot
10:30 clear
11:00 scan: Engine: no codes
=> P0171 cured chase
=> P0455 did not return leftover
=> grade checked

# the repair was written down in the evening and done in the morning
08:00 scan: Engine: P0171 stored
10:30 clear
11:00 scan: Engine: no codes
09:30 repair: intake boot
cause: intake boot, cracked: repaired: P0171
=> P0171 cured chase
=> grade checked

# a repair after the code was gone took nothing away
08:00 scan: Engine: P0171 stored
08:30 clear
08:40 scan: Engine: no codes
cause: intake boot, cracked: repaired: P0171
12:00 repair: intake boot
=> P0171 did not return leftover

# back after the repair, then cleared away again
08:00 scan: Engine: P0171 stored
cause: intake boot, cracked: repaired: P0171
09:00 repair: intake boot
09:10 clear
09:20 scan: Engine: P0171 stored
09:30 clear
09:40 scan: Engine: no codes
=> P0171 intermittent chase
=> grade claimed

# two repairs, each with its own code
08:00 scan: Engine: P0171 stored; ABS: C0035 stored
cause a: intake boot, cracked: repaired: P0171
cause b: wheel speed sensor, no signal: repaired: C0035
09:00 repair for a: intake boot
09:10 clear
09:20 scan: Engine: no codes; ABS: C0035 stored
11:00 repair for b: wheel speed sensor
11:10 clear
11:20 scan: Engine: no codes; ABS: no codes
=> P0171 cured chase
=> C0035 cured chase
=> grade checked

# the same code in two modules, one of them not read again
08:00 scan: Engine: U0121 stored; Transmission: U0121 stored
08:30 clear
08:40 scan: Engine: no codes
=> U0121 not read

# declined is not repaired
08:00 scan: Engine: P0171 stored
cause: intake boot, cracked: declined: P0171
09:00 repair (declined): intake boot
09:10 clear
09:20 scan: Engine: no codes
=> P0171 did not return leftover
=> grade none
`;
