/** Which role is proposed for each code, and on what grounds. Form: see `read-scenario.ts`. */
export const TRIAGE_SCENARIOS = `
# fourteen codes after bodywork, none of them active, no symptom
before: bodywork: left side repaired and painted
08:00 scan: Body; B1001 stored; B1002 stored; B1003 stored; Door left; B1010 stored; B1011 stored; B1012 stored; Airbag; B0051 stored; B0052 stored; Climate; B1479 stored; Parking; B2100 stored; B2101 stored; Radio; U0184 stored; Camera; B2200 stored; Seat; B2300 stored
=> B1001 no clear yet unsorted
=> B0051 no clear yet unsorted
=> code B1001 because after bodywork
=> code B1001 because would tell

# the same, one of them active
before: bodywork: left side repaired and painted
08:00 scan: Body; B1001 stored; B1002 stored; B1003 stored; Door left; B1010 active; B1011 stored; B1012 stored; Airbag; B0051 stored; Climate; B1479 stored
=> B1010 no clear yet chase
=> B1001 no clear yet unsorted
=> code B1010 because Active now

# cleared after bodywork: what comes straight back is chased
before: bodywork: left side repaired and painted
08:00 scan: Body; B1001 stored; B1002 stored; B1003 stored; B1010 stored; B1011 stored
08:20 clear
08:30 scan: Body; B1010 stored
=> B1010 returned at once chase
=> B1001 did not return leftover

# wheel speed in the customer's words, a wiper and a camera code beside it
said: it hums and the wheel speed reading drops out
08:00 scan: ABS: C0035 Left front wheel speed sensor circuit stored; Body: B1A10 Wiper park position implausible stored; Camera: C1A67 Camera not aligned stored; Body: B1A20 Washer fluid level stored
=> C0035 no clear yet chase
=> B1A10 no clear yet unsorted
=> C1A67 no clear yet unsorted

# the complaint is of the brakes: only what is of the brakes is chased
symptom: abs light
08:00 scan: ABS: C0035 Left front wheel speed sensor circuit stored; Body: B1A10 Wiper park position implausible stored; Engine: P0455 stored
=> C0035 no clear yet chase
=> B1A10 no clear yet aside
=> P0455 no clear yet aside

# no symptom is recorded, so nothing fits a complaint
08:00 scan: Engine: P0420 stored
=> P0420 no clear yet chase
=> code P0420 because no symptom is recorded yet

# a voltage code without a voltage read
08:00 scan: Engine: P0171 active; Transmission: P0562 System voltage low stored
=> P0562 no clear yet unsorted
=> code P0562 because battery voltage

# a voltage code, and it charges now
08:00 scan: Engine: P0171 active; Transmission: P0562 System voltage low stored; Battery: 14.2 V
=> P0562 no clear yet leftover
=> code P0562 because 14.2 V

# a voltage code, and the battery is flat
08:00 scan: Engine: P0562 System voltage low stored; Battery: 11.2 V
=> P0562 no clear yet chase

# the tool says past only, while another stands
08:00 scan: Engine: P0171 active; P0455 history
=> P0455 no clear yet leftover

# past only, and the complaint comes and goes
symptom: stalls intermittent
08:00 scan: Engine: P0335 history; Body: B1479 active
=> P0335 no clear yet unsorted

# a silent module is chased, what misses its data follows
08:00 scan: Engine: U0121 Lost communication with ABS active; ABS: no response; Steering: U0415 Invalid data from ABS stored
=> U0121 no clear yet chase
=> U0415 no clear yet knock-on

# what a repair cured explains nothing that is still there
08:00 scan: Engine: P0102 Air flow sensor circuit low active; P0171 stored
cause: air-flow meter, no signal: repaired: P0102
09:00 repair: air-flow meter
09:10 clear
09:20 scan: Engine: P0171 stored
=> P0102 cured chase
=> P0171 returned at once chase
=> grade claimed

# a role given by hand stands over what is proposed
08:00 scan: Engine: P0171 active; P0455 stored
role P0455 aside
=> P0455 no clear yet aside
=> unexplained P0171

# chased though only proposed, it has to be explained
08:00 scan: Engine: P0171 active
cause: fuel pump, worn: diagnosed
=> unexplained P0171

# two causes, each with its own share
symptom: rough idle
08:00 scan: Engine: P0171 active; ABS: C0035 active
role C0035 chase
cause a: intake boot, cracked: diagnosed: P0171, symptom 1
cause b: wheel speed sensor, no signal: diagnosed: C0035
=> explained
=> grade none

# 24.1 V on a truck is a battery at rest, not one that was charged
08:00 scan: Engine: P0562 stored; Battery: 24.1 V
=> P0562 no clear yet unsorted

# 27.8 V is charging
08:00 scan: Engine: P0562 stored; Battery: 27.8 V
=> P0562 no clear yet leftover

# 22.9 V on a truck is nearly empty
08:00 scan: Engine: P0562 stored; Battery: 22.9 V
=> P0562 no clear yet chase
`;
