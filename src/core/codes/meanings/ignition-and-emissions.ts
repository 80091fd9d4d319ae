/**
 * Generic powertrain codes P0300 to P06FF: ignition, emissions, speed, idle and the modules' own outputs.
 * SAE J2012 / ISO 15031-6 numbering from memory, in our own words; rows as `readRows` reads them.
 */
export const IGNITION_AND_EMISSIONS = `
P0300 = misfire, several cylinders or random
P0313 = misfire with low fuel
P0314 = misfire on one cylinder, cylinder not named
P0315 = crank position variation not learned
P0316 = misfire in the first 1000 revolutions
P0317 = rough road hardware not present
P0318 = rough road sensor A signal circuit
P0319 = rough road sensor B signal circuit
P0320 = ignition speed input circuit
P0321 = ignition speed input range or performance
P0322 = ignition speed input no signal
P0323 = ignition speed input circuit intermittent
P0324 = knock control system error
P0325 CRLHI knock sensor 1, bank 1
P032A CRLHI knock sensor 3
P0330 CRLHI knock sensor 2, bank 2
P0335 CRLHI crankshaft sensor A
P033A CRLHI knock sensor 4
P0340 CRLHI camshaft sensor A, bank 1
P0345 CRLHI camshaft sensor A, bank 2
P0350 = ignition coil circuit, coil not named
P0363 = misfire detected, fuel shut off
P0365 CRLHI camshaft sensor B, bank 1
P0370 = high-resolution timing signal A circuit
P0371 = high-resolution timing signal A, too many pulses
P0372 = high-resolution timing signal A, too few pulses
P0373 = high-resolution timing signal A, intermittent or erratic pulses
P0374 = high-resolution timing signal A, no pulses
P0375 = high-resolution timing signal B circuit
P0376 = high-resolution timing signal B, too many pulses
P0377 = high-resolution timing signal B, too few pulses
P0378 = high-resolution timing signal B, intermittent or erratic pulses
P0379 = high-resolution timing signal B, no pulses
P037D CLH glow plug sense
P0380 = glow plug circuit A
P0381 = glow plug lamp circuit
P0382 = glow plug circuit B
P0383 LH glow plug module control
P0385 CRLHI crankshaft sensor B
P0390 CRLHI camshaft sensor B, bank 2
P0400 = exhaust gas recirculation flow
P0401 = exhaust gas recirculation flow insufficient
P0402 = exhaust gas recirculation flow excessive
P0403 = exhaust gas recirculation control circuit
P0404 = exhaust gas recirculation control range or performance
P0405 LH exhaust gas recirculation sensor A
P0407 LH exhaust gas recirculation sensor B
P0409 = exhaust gas recirculation sensor A circuit
P040Ax CRLHI exhaust gas recirculation temperature sensor A
P040F = exhaust gas recirculation temperature sensors A and B correlation
P0410 = secondary air system
P0411 = secondary air incorrect flow
P0412 = secondary air valve A circuit
P0413 = secondary air valve A circuit open
P0414 = secondary air valve A circuit shorted
P0415 = secondary air valve B circuit
P0416 = secondary air valve B circuit open
P0417 = secondary air valve B circuit shorted
P0418 = secondary air relay A circuit
P0419 = secondary air relay B circuit
P041Ax CRLHI exhaust gas recirculation temperature sensor B
P041F = secondary air valve A circuit low
P0420 = catalyst efficiency below limit, bank 1
P0421 = warm-up catalyst efficiency below limit, bank 1
P0422 = main catalyst efficiency below limit, bank 1
P0423 = heated catalyst efficiency below limit, bank 1
P0424 = heated catalyst temperature below limit, bank 1
P0425 CRLH catalyst temperature sensor, bank 1 sensor 1
P0429 = catalyst heater control circuit, bank 1
P042A CRLH catalyst temperature sensor, bank 1 sensor 2
P042E = exhaust gas recirculation valve stuck open
P042F = exhaust gas recirculation valve stuck closed
P0430 = catalyst efficiency below limit, bank 2
P0431 = warm-up catalyst efficiency below limit, bank 2
P0432 = main catalyst efficiency below limit, bank 2
P0433 = heated catalyst efficiency below limit, bank 2
P0434 = heated catalyst temperature below limit, bank 2
P0435 CRLH catalyst temperature sensor, bank 2 sensor 1
P0439 = catalyst heater control circuit, bank 2
P043A CRLH catalyst temperature sensor, bank 2 sensor 2
P043E = fuel vapour leak detection reference orifice, low flow
P043F = fuel vapour leak detection reference orifice, high flow
P0440 = fuel vapour system
P0441 = fuel vapour system purge flow incorrect
P0442 = fuel vapour system small leak
P0443 = purge valve control circuit
P0444 = purge valve control circuit open
P0445 = purge valve control circuit shorted
P0446 = fuel vapour vent control circuit
P0447 = fuel vapour vent control circuit open
P0448 = fuel vapour vent control circuit shorted
P0449 = vent solenoid circuit
P044Ax CRLHI exhaust gas recirculation sensor C
P0450 CRLHI tank pressure sensor
P0455 = fuel vapour system large leak
P0456 = fuel vapour system very small leak
P0457 = fuel vapour system leak, cap loose or off
P0458 LH purge valve
P045A ORLH exhaust gas recirculation control B
P045E = exhaust gas recirculation valve B stuck open
P045F = exhaust gas recirculation valve B stuck closed
P0460 CRLHI fuel level sensor A
P0465 CRLHI purge flow sensor
P046C = exhaust gas recirculation sensor A range or performance
P046D = exhaust gas recirculation sensor A circuit intermittent
P046E = exhaust gas recirculation sensor B range or performance
P046F = exhaust gas recirculation sensor B circuit intermittent
P0470 CRLHI exhaust pressure sensor
P0475 CRLHI exhaust pressure control valve
P047A CRLHI exhaust pressure sensor B
P0480 = cooling fan 1 control circuit
P0481 = cooling fan 2 control circuit
P0482 = cooling fan 3 control circuit
P0483 = cooling fan performance
P0484 = cooling fan circuit, too much current
P0485 = cooling fan supply or ground circuit
P0486 = exhaust gas recirculation sensor B circuit
P0487 = exhaust gas recirculation throttle control circuit open
P0488 = exhaust gas recirculation throttle control range or performance
P0489 LH exhaust gas recirculation control
P048Bx CRLHI exhaust pressure control valve position sensor
P0491 = secondary air insufficient flow, bank 1
P0492 = secondary air insufficient flow, bank 2
P0493 = cooling fan over speed
P0494 = cooling fan speed too low
P0495 = cooling fan speed too high
P0496 = purge flow when none is asked for
P0497 = purge flow too low
P0498 LH vent solenoid
P049A = exhaust gas recirculation B flow
P049B = exhaust gas recirculation B flow insufficient
P049C = exhaust gas recirculation B flow excessive
P049D = exhaust gas recirculation valve A position beyond its learning limit
P049E = exhaust gas recirculation valve B position beyond its learning limit
P0500 CRLI vehicle speed sensor A
P0504 = brake switch A and B correlation
P0505 = idle control system
P0506 = idle speed lower than expected
P0507 = idle speed higher than expected
P0508 LH idle control
P050A = cold start idle control performance
P050B = cold start ignition timing performance
P050C = cold start coolant temperature performance
P050D = cold start rough idle
P050E = cold start exhaust temperature too low
P050F = brake assist vacuum too low
P0510 = closed throttle switch circuit
P0511 = idle control circuit
P0512 = starter request circuit
P0513 = wrong immobiliser key
P0514 = battery temperature sensor: range or performance
P0515 = battery temperature sensor: circuit
P0516 LH battery temperature sensor
P0518 = idle control circuit intermittent
P0519 = idle control system performance
P051Ax CRLHI crankcase pressure sensor
P0520 CRLH engine oil pressure sensor
P0524 = engine oil pressure too low
P0525 = cruise control servo circuit range or performance
P0526 CRNI fan speed sensor
P0530 CRLH refrigerant pressure sensor A
P0534 = refrigerant charge loss
P0535 CRLHI evaporator temperature sensor
P0540 CLHO intake heater A
P0544 CLH exhaust temperature sensor, bank 1 sensor 1
P0547 CLH exhaust temperature sensor, bank 2 sensor 1
P0550 CRLHI power steering pressure sensor
P0555 CRLHI brake booster pressure sensor
P0560 = system voltage
P0561 = system voltage unstable
P0562 = system voltage low
P0563 = system voltage high
P0564 = cruise control multi-function input A circuit
P0565 = cruise control on signal
P0566 = cruise control off signal
P0567 = cruise control resume signal
P0568 = cruise control set signal
P0569 = cruise control coast signal
P0570 = cruise control accelerate signal
P0571 CLH brake switch A
P0574 = cruise control, vehicle speed too high
P0575 = cruise control input circuit
P0576 LH cruise control input
P0578 = cruise control multi-function input A stuck
P0579 RLH cruise control multi-function input A
P0582 OLH cruise control vacuum control
P0585 = cruise control multi-function inputs A and B correlation
P0586 OLH cruise control vent control
P0589 = cruise control multi-function input B circuit
P0590 = cruise control multi-function input B stuck
P0591 RLH cruise control multi-function input B
P0594 OLH cruise control servo control
P0597 OLH thermostat heater control
P0600 = serial communication link
P0601 = control module memory checksum
P0602 = control module not programmed
P0603 = control module keep-alive memory
P0604 = control module random access memory
P0605 = control module read-only memory
P0606 = control module processor
P0607 = control module performance
P0608 = control module speed sensor output A
P0609 = control module speed sensor output B
P060A = internal control module, monitoring processor performance
P060B = internal control module, analogue conversion performance
P060C = internal control module, main processor performance
P060D = internal control module, pedal position performance
P060E = internal control module, throttle position performance
P060F = internal control module, coolant temperature performance
P0610 = control module vehicle options not configured
P0611 = injector control module performance
P0612 = injector control module relay control circuit
P0613 = transmission control module processor
P0614 = engine and transmission modules incompatible
P0615 CLH starter relay
P0618 = alternative fuel module keep-alive memory
P0619 = alternative fuel module memory
P061A = internal control module, torque performance
P061B = internal control module, torque calculation performance
P061C = internal control module, engine speed performance
P061D = internal control module, air mass performance
P061E = internal control module, brake signal performance
P061F = internal control module, throttle controller performance
P0620 = alternator control circuit
P0621 = alternator lamp control circuit
P0622 = alternator field control circuit
P0623 = alternator lamp control circuit
P0624 = fuel cap lamp control circuit
P0625 LH alternator field terminal
P0627 OLH fuel pump A control
P062A = fuel pump A control: range or performance
P062B = internal control module, injector control performance
P062C = internal control module, vehicle speed performance
P062D = injector driver circuit performance, bank 1
P062E = injector driver circuit performance, bank 2
P062F = internal control module, EEPROM memory error
P0630 = VIN not programmed or mismatch, engine module
P0631 = VIN not programmed or mismatch, transmission module
P0632 = odometer not programmed, engine module
P0633 = immobiliser key not programmed
P0634 = control module internal temperature too high
P0635 CLH power steering control
P0638 = throttle actuator range or performance, bank 1
P0639 = throttle actuator range or performance, bank 2
P063A CRLH alternator voltage sense
P063E = throttle input missing during automatic configuration
P063F = coolant temperature input missing during automatic configuration
P0640 = intake heater control circuit
P0641 OLH sensor supply A
P0644 = driver display serial communication circuit
P0645 CLH compressor clutch relay
P0648 = immobiliser lamp control circuit
P0649 = cruise control lamp control circuit
P064A = fuel pump control module performance
P064D = internal control module, oxygen sensor processor performance, bank 1
P064E = internal control module, oxygen sensor processor performance, bank 2
P064F = unauthorised software or calibration detected
P0650 = engine light control circuit
P0651 OLH sensor supply B
P0654 = engine speed output circuit
P0655 = engine hot lamp output circuit
P0656 = fuel level output circuit
P0657 OLH actuator supply A
P065B = alternator control circuit range or performance
P0660 OLH intake manifold tuning valve, bank 1
P0663 OLH intake manifold tuning valve, bank 2
P0666 CRLH control module internal temperature sensor
P0670 = glow plug module circuit
P0683 = glow plug module communication with engine module
P0684 = glow plug module communication range or performance
P0685 OLH main relay control
P0688 OLH main relay sense
P068A = main relay released too early
P068B = main relay released too late
P0691 LH cooling fan 1 control
P0693 LH cooling fan 2 control
P0695 LH cooling fan 3 control
P0697 OLH sensor supply C
P069E = fuel pump control module asks for the lamp
P069F = throttle control lamp circuit
P06A0 CLH air conditioning compressor control
P06A3 OLH sensor supply D
P06A6 = sensor supply A circuit range or performance
P06A7 = sensor supply B circuit range or performance
P06A8 = sensor supply C circuit range or performance
P06A9 = sensor supply D circuit range or performance
P06B6 = internal control module, knock processor 1 performance
P06B7 = internal control module, knock processor 2 performance
P06B8 = internal control module, non-volatile memory error
P06DA = engine oil pressure control circuit open
P06DB LH engine oil pressure control
P06DD = engine oil pressure control stuck off
P06DE = engine oil pressure control stuck on
`;
