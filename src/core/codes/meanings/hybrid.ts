/**
 * Generic codes of hybrid and electric drives, P0A00 to P0CFF. SAE J2012 / ISO 15031-6 numbering from memory,
 * in our own words; rows as `readRows` reads them. The first rows count in decimal, those from P0A2A on in
 * hexadecimal (`x`).
 */
export const HYBRID = `
P0A00 CRLHI motor electronics coolant temperature sensor
P0A05 OLH motor electronics coolant pump control
P0A08 CLH DC converter status
P0A0Ax CRLHI high-voltage interlock
P0A0F = engine failed to start (hybrid)
P0A11 OLH DC converter enable
P0A14 OLH engine mount A control
P0A17 CRLHI motor torque sensor
P0A1A = generator control module
P0A1B = drive motor A control module
P0A1C = drive motor B control module
P0A1D = hybrid powertrain control module
P0A1E = starter or generator control module
P0A1F = battery energy control module
P0A22 CRLHI generator torque sensor
P0A27 CLH hybrid battery power off
P0A2Ax CRLHI drive motor A temperature sensor
P0A2F = drive motor A too hot
P0A30x CRLHI drive motor B temperature sensor
P0A35 = drive motor B too hot
P0A36x CRLHI generator temperature sensor
P0A3B = generator too hot
P0A3C = drive motor A inverter too hot
P0A3D = drive motor B inverter too hot
P0A3E = generator inverter too hot
P0A3Fx CRLHI drive motor A position sensor
P0A44 = drive motor A position sensor, over speed
P0A45x CRLHI drive motor B position sensor
P0A4A = drive motor B position sensor, over speed
P0A4Bx CRLHI generator position sensor
P0A50 = generator position sensor, over speed
P0A51x CRLH drive motor A current sensor
P0A55x CRLH drive motor B current sensor
P0A59x CRLH generator current sensor
P0A5Dx CLH drive motor A phase U current
P0A60x CLH drive motor A phase V current
P0A63x CLH drive motor A phase W current
P0A66x CLH drive motor B phase U current
P0A69x CLH drive motor B phase V current
P0A6Cx CLH drive motor B phase W current
P0A6Fx CLH generator phase U current
P0A72x CLH generator phase V current
P0A75x CLH generator phase W current
P0A78 = drive motor A inverter performance
P0A79 = drive motor B inverter performance
P0A7A = generator inverter performance
P0A7B = battery energy control module asks for the lamp
P0A7C = motor electronics too hot
P0A7D = hybrid battery low charge
P0A7E = hybrid battery too hot
P0A7F = hybrid battery deterioration
P0A80 = replace hybrid battery
P0A81x OFKLH hybrid battery fan 1 control
P0A8B = 14 volt power module, system voltage
P0A8C = 14 volt power module, system voltage unstable
P0A8D = 14 volt power module, system voltage low
P0A8E = 14 volt power module, system voltage high
P0A8F = 14 volt power module performance
P0A90 = drive motor A performance
P0A91 = drive motor B performance
P0A92 = hybrid generator performance
P0A93 = inverter cooling performance
P0A94 = DC converter performance
P0A95 = high-voltage fuse
P0A96x OFKLH hybrid battery fan 2 control
P0A9Bx CRLHI hybrid battery temperature sensor A
P0AA0 = hybrid battery positive contactor circuit
P0AA1 = hybrid battery positive contactor stuck closed
P0AA2 = hybrid battery positive contactor stuck open
P0AA3 = hybrid battery negative contactor circuit
P0AA4 = hybrid battery negative contactor stuck closed
P0AA5 = hybrid battery negative contactor stuck open
P0AA6 = hybrid battery isolation fault
P0AA7x CRLHI hybrid battery isolation sensor
P0AACx CRLHI hybrid battery air temperature sensor A
P0AB1x CRLHI hybrid battery air temperature sensor B
P0ABFx CRLHI hybrid battery current sensor
P0AC5x CRLHI hybrid battery temperature sensor B
P0ACAx CRLHI hybrid battery temperature sensor C
P0AD9x CRLH hybrid battery positive contactor control
P0ADDx CRLH hybrid battery negative contactor control
P0AE1 = hybrid battery precharge contactor circuit
P0AE2 = hybrid battery precharge contactor stuck closed
P0AE3 = hybrid battery precharge contactor stuck open
P0AE4x CRLH hybrid battery precharge contactor control
P0AE8x CRLHI hybrid battery temperature sensor D
P0AEDx CRLHI drive motor A inverter temperature sensor
P0AF2x CRLHI drive motor B inverter temperature sensor
P0AFA = hybrid battery system voltage low
P0AFB = hybrid battery system voltage high
P0BBD = hybrid battery voltage variation beyond limit
P0C76 = hybrid battery system discharge time too long
P0C77 = hybrid battery precharge time too short
P0C78 = hybrid battery precharge time too long
P0C79 = drive motor A inverter voltage too high
`;
