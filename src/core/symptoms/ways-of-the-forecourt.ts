/**
 * Ways of saying what is common, as people say it who drop a vehicle off in a hurry: id | ways. Written from general
 * practice, no source.
 */
export const WAYS_OF_THE_FORECOURT = `
hard-start | cranks and cranks then finally catches; cranks for ages before it catches; catches on the fourth go; catches on the third try; finally catches; takes three tries to start; takes several goes to fire; have to crank it twice; needs three attempts; starts on the second attempt only
refuel-trouble | acts up after I fill the tank; acts up after filling up; plays up after every fill; after filling the tank it acts up; trouble after every fill-up
ac-warm | blows warm air with the snowflake button on; warm air with the ac button on; snowflake button does nothing; air con button lit but warm; air is not cold with the snowflake on
windows-locks | goes down but not back up; window goes down but will not come up; window comes down and stays down; window will not go back up
alarm | alarm wakes the street; alarm wakes the neighbours; alarm wakes us at night; alarm screams at night; alarm at three in the morning; alarm howls for no reason
tyre-pressure-loss | loses ten psi a week; loses psi every week; loses air on one corner; one corner goes down every week; pump it up every week; one tyre needs air every few days; down to 20 psi by the weekend
regen-often | keeps doing its filter burn; filter burn every other day; burns its filter off all the time; filter cleaning every day; keeps burning off the filter; filter regeneration every tank
no-power | less pull than before; pulls less than before; does not pull like it used to; has lost its pull; no pull on hills; no guts; has no guts at all
clutch-smell | clutch smells on hills; clutch stinks on hills; clutch smell when reversing uphill; smell of clutch on the ramp
no-charging-plug | wont take charge from the wallbox; will not take a charge; wallbox goes red and no charge; plug light goes red; charge port light red; plugged in but no charging; stops charging after a second
horn | horn only works with the wheel turned; horn only works sometimes; horn works only on left lock; horn on and off with the steering
interior-light | interior light never goes off; dome light never goes off; inside light stays on for ever; cabin light will not switch off
seat-heater | no heat from the seat; seat stays cold; seat does not get warm; heated seat stays cold; no heat in the driver seat
power-socket | charge my phone; phone does not charge in the car; usb does not charge my phone; phone charger socket dead
starter-grind | starter spins but the engine does not turn; starter whirrs and the engine does not turn; starter spins freely; starter whines without turning the engine
battery-hot | battery blown up like a balloon; battery smells of eggs; battery bulges and smells of eggs; rotten eggs from the battery
oil-level-rise | oil smells of diesel; oil smells of petrol; oil level goes up and smells of diesel; oil level is going up and smells of diesel; dipstick over the mark and smells of fuel
`;
