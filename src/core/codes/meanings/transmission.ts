/**
 * Generic transmission codes P0700 to P09FF and P2700 to P28FF. SAE J2012 / ISO 15031-6 numbering from
 * memory, in our own words; rows as `readRows` reads them.
 */
export const TRANSMISSION = `
P0700 = transmission control system asks for the lamp
P0701 = transmission control system range or performance
P0702 = transmission control system electrical
P0703 = brake switch B circuit
P0704 = clutch switch circuit
P0705 CRLHI transmission range sensor A
P070Ax CRLHI transmission oil level sensor
P070F = transmission oil level too low
P0710 CRLHI transmission oil temperature sensor A
P0715 CRNI turbine or input speed sensor A
P0719 = brake switch B circuit low
P071A CLH transmission mode switch A
P071D CLH transmission mode switch B
P0720 CRNI output speed sensor
P0724 = brake switch B circuit high
P0725 CRNI engine speed input
P0729 = gear 6 incorrect ratio
P072A = transmission stuck in neutral
P072B = transmission stuck in reverse
P072C = transmission stuck in gear 1
P072D = transmission stuck in gear 2
P072E = transmission stuck in gear 3
P072F = transmission stuck in gear 4
P0730 = incorrect gear ratio
P0731 = gear 1 incorrect ratio
P0732 = gear 2 incorrect ratio
P0733 = gear 3 incorrect ratio
P0734 = gear 4 incorrect ratio
P0735 = gear 5 incorrect ratio
P0736 = reverse incorrect ratio
P0737 CLH engine speed output of the transmission module
P073A = transmission stuck in gear 5
P073B = transmission stuck in gear 6
P073C = transmission stuck in gear 7
P073D = neutral cannot be engaged
P073E = reverse cannot be engaged
P073F = gear 1 cannot be engaged
P0740 = converter clutch circuit open
P0741 = converter clutch stuck off or slipping
P0742 = converter clutch stuck on
P0743 = converter clutch electrical
P0744 = converter clutch circuit intermittent
P074A = gear 2 cannot be engaged
P074B = gear 3 cannot be engaged
P074C = gear 4 cannot be engaged
P074D = gear 5 cannot be engaged
P074E = gear 6 cannot be engaged
P074F = gear 7 cannot be engaged
P0745 MFKEI pressure control solenoid A
P0750 MFKEI shift solenoid A
P0755 MFKEI shift solenoid B
P0760 MFKEI shift solenoid C
P0765 MFKEI shift solenoid D
P076F = gear 7 incorrect ratio
P0770 MFKEI shift solenoid E
P0775 MFKEI pressure control solenoid B
P0780 = shift malfunction
P0781 = shift 1–2 malfunction
P0782 = shift 2–3 malfunction
P0783 = shift 3–4 malfunction
P0784 = shift 4–5 malfunction
P0785 CRLHI shift timing solenoid
P0790 = normal or performance switch circuit
P0791 CRNI intermediate shaft speed sensor A
P0795 MFKEI pressure control solenoid C
P07D9 = gear 8 incorrect ratio
P07F6 = gear 9 incorrect ratio
P07F7 = gear 10 incorrect ratio
P0800 = transfer case control system asks for the lamp
P0801 = reverse inhibit control circuit
P0802 = transmission lamp request circuit open
P0803 = upshift or skip shift solenoid control circuit
P0804 = upshift or skip shift lamp control circuit
P0805 CRLHI clutch position sensor A
P0810 = clutch position control error
P0811 = excessive clutch slip
P0812 = reverse input circuit
P0813 = reverse output circuit
P0814 = transmission range display circuit
P0815 = upshift switch circuit
P0816 = downshift switch circuit
P0817 = starter disable circuit
P0818 = driveline disconnect switch circuit
P0819 = up and down shift switch to range correlation
P0820 = gear lever position sensor circuit
P0821 = gear lever X position circuit
P0822 = gear lever Y position circuit
P0823 = gear lever X position circuit intermittent
P0824 = gear lever Y position circuit intermittent
P0825 = gear lever push-pull switch
P0826 CLH up and down shift switch
P0829 = shift 5–6 malfunction
P0830 CLH clutch switch A
P0833 CLH clutch switch B
P0836 CRLH four-wheel drive switch
P0840 CRLHI transmission oil pressure sensor A
P0845 CRLHI transmission oil pressure sensor B
P0850 CLH park or neutral switch input
P0853 CLH drive switch input
P0856 CRLH traction control input
P0860 CLH gear shift module communication
P0863 CRLH transmission module communication
P0867 = transmission oil pressure
P0868 = transmission oil pressure low
P0869 = transmission oil pressure high
P0870 CRLHI transmission oil pressure sensor C
P0875 CRLHI transmission oil pressure sensor D
P0880 CRLHI transmission module power input
P0885 OLH transmission module relay control
P0888 CRLHI transmission module relay sense
P0893 = several gears engaged at once
P0894 = transmission component slipping
P0895 = shift time too short
P0896 = shift time too long
P0897 = transmission oil deteriorated
P0898 LH transmission lamp request
P0900 ORLH clutch actuator
P0904 CRLHI gate select position sensor
P0909 = gate select control error
P0910 ORLH gate select actuator
P0914 CRLHI gear shift position sensor
P0919 = gear shift position control error
P0920 ORLH gear shift forward actuator
P0924 ORLH gear shift reverse actuator
P0928 ORLH gear shift lock solenoid
P0932 CRLHI hydraulic pressure sensor
P0937 CRLHI hydraulic oil temperature sensor
P0942 = hydraulic pressure unit
P0943 = hydraulic pressure unit cycles too short
P0944 = hydraulic pressure unit lost pressure
P0945 ORLH hydraulic pump relay
P0949 = automated gear shift not learned
P0950 CRLHI automated gear shift control
P0955 CRLHI automated gear shift mode
P0960 ORLH pressure control solenoid A control
P0964 ORLH pressure control solenoid B control
P0968 ORLH pressure control solenoid C control
P0972 RLH shift solenoid A control
P0975 RLH shift solenoid B control
P0978 RLH shift solenoid C control
P0981 RLH shift solenoid D control
P0984 RLH shift solenoid E control
P0987 CRLHI transmission oil pressure sensor E
P0992 CRLHI transmission oil pressure sensor F
P0997 RLH shift solenoid F control
P2700 = transmission friction element A apply time range or performance
P2701 = transmission friction element B apply time range or performance
P2702 = transmission friction element C apply time range or performance
P2703 = transmission friction element D apply time range or performance
P2704 = transmission friction element E apply time range or performance
P2705 = transmission friction element F apply time range or performance
P2706 MFKEI shift solenoid F
P2711 = gear disengaged unexpectedly
P2712 = transmission hydraulic unit leak
P2713 MFKEI pressure control solenoid D
P2718 ORLH pressure control solenoid D control
P2722 MFKEI pressure control solenoid E
P2727 ORLH pressure control solenoid E control
P2731 MFKEI pressure control solenoid F
P2736 ORLH pressure control solenoid F control
P2740 CRLHI transmission oil temperature sensor B
P2745 CRNI intermediate shaft speed sensor B
P2749 CRNI intermediate shaft speed sensor C
P2753 OLH transmission oil cooler control
P2756 MFKEI converter clutch pressure control solenoid
P2761 ORHL converter clutch pressure control solenoid control
P2765 CRNI turbine or input speed sensor B
P2769 LH converter clutch
P2771 CRLH four-wheel drive low switch
P2775 RLHI upshift switch
P2779 RLHI downshift switch
P2783 = torque converter too hot
P2784 = input speed sensors A and B correlation
P2785 = clutch actuator too hot
P2786 = gear shift actuator too hot
P2787 = clutch too hot
P2788 = automated shift adaptation at its limit
P2789 = clutch adaptation at its limit
P2790 CLH gate select direction
P2793 CLH gear shift direction
P2796 = auxiliary transmission oil pump control circuit
P2797 = auxiliary transmission oil pump performance
P2798 LH auxiliary transmission oil pump control
P2800 CRLHI transmission range sensor B
P2805 = transmission range sensors A and B correlation
P2806 = transmission range sensor alignment
P2807 MFKEI pressure control solenoid G
P2812 ORLH pressure control solenoid G control
P2816 MFKEI pressure control solenoid H
P2821 ORLH pressure control solenoid H control
`;
