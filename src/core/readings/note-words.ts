/**
 * Words that say where, when or of what a figure is, and nothing of how much: what a note beside one is made of. One
 * that is not among them may say anything: that the figure was expected, of another car, or before the repair. Not
 * among them either: parts that are switched (fan, pump, relay, injector), beside *on* or *off* a state of their own.
 * Common practice, no source.
 */
export const NOTE_WORDS: ReadonlySet<string> = new Set(
  [
    'at after across on in from between when while with during a an the its side end and of',
    // How it was driven, switched or kept.
    'running idle idling hot warm cold cranking crank start starting koeo koer key ignition engine off steady dry wet',
    'loaded unloaded wot parked static switching fixed lights light lamps lamp load throttle closed drive neutral park gear d p',
    'cruise overrun driving standing stationary rest held locked stall overnight asleep prime',
    // Where.
    'left right front rear inside outside inner outer upper lower remaining each feed ground earth chassis body loom',
    'sensor pin pins housing bank cylinder cyl output input supply signal battery terminal plug connector socket head',
    'rail pos neg positive negative pos. neg. primary secondary intake inlet exhaust upstream downstream',
    'lateral radial centre center gauge strap cable b1 b2',
    'drivers passenger nearside offside nearest furthest',
    // Of what.
    'leakage leakdown leak-down vacuum runout run-out play free gap clearance tread pad boost toe camber caster dwell drop ref',
    'soc soh co co2 o2 hc vol return p-p ltft stft trim draw inrush parasitic quiescent drain duty lift travel stroke depth',
    'baro kpi ripple burn time ac lining thickness width height diameter dia th thk bore preload backlash torque tension force flow rate level',
    'voltage pressure current resistance temperature temp press. temp. speed volt volts frequency angle advance',
    'compression charging charge boost lambda mixture content ethanol water air oil fuel coolant brake steering rack',
    'stat thermostat vent vents hose pipe tank filter manifold turbo intercooler egr dpf caliper disc rotor drum wheel tyre',
    'tire hub shaft shim spring clutch gearbox gasket ring plate piston rod valve seat stem pulley belt chain',
    'sprocket tooth bearing bush joint arm strut damper axle rim tubing line evaporator condenser dryer radiator cap',
  ]
    .join(' ')
    .split(' '),
);
