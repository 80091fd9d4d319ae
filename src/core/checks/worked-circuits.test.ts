import { describeExamples, type Examples } from './test-examples';

/** The circuit checks, each reading worked out on paper from the values in the drawing by Ohm's law. */
const EXAMPLES: Examples = {
  'switched-feed': [
    // The load is 5 Ω-like: 4.0 of 12.4 V stay in the wire, a third of the circuit's resistance.
    [
      { supply: '12.6 V', in_on: '12.5 V', out_on: '12.4 V', feed_on: '8.4 V', return_on: '0.02 V' },
      /^fail Feed at the part, switched on: 8\.4.V cannot be .* One fault explains it: resistance in the feed wire\.$/,
    ],
    // The feed holds and the ground side is lifted by a quarter of it.
    [
      { supply: '12.6 V', in_on: '12.5 V', out_on: '12.4 V', feed_on: '12.4 V', return_on: '3.1 V' },
      /^fail Ground side of the part.*3\.1.V.* One fault explains it: resistance in the ground\.$/,
    ],
    // Half-way through the search, at 24 V: what is left is named, nothing more.
    [
      { supply: '25.2 V', in_on: '25.1 V', in_off: '25.1 V', out_on: '0 V' },
      /^fail Out of the switch.*It is one of: switch or driver does not close, resistance in the switch or driver or feed wire shorted to ground, switched off by its driver/,
    ],
  ],
  'switched-ground': [
    // 4.05 V stand between plug and pin, none at the pin: the wire.
    [
      { supply: '12.6 V', feed_on: '12.5 V', control_on: '4.2 V', pin_on: '0.15 V' },
      /^fail Control wire at the part.*4\.2.V.*One fault explains it: resistance in the control wire\.$/,
    ],
    // 3.0 of the 3.2 V are behind the driver.
    [
      { supply: '12.6 V', feed_on: '12.5 V', control_on: '3.2 V', pin_on: '3.2 V', earth_on: '3.0 V' },
      /One fault explains it: resistance in the ground of the controller\.$/,
    ],
    // Off and 0 V alone: three faults do that, and only a lamp parts them.
    [
      { supply: '12.6 V', feed_off: '12.5 V', control_off: '0.1 V', control_on: '0 V' },
      /It is one of: open coil, control wire shorted to ground or driver stuck on\. Try a test lamp/,
    ],
  ],
  relay: [
    // 85 · 3.0/9.5 = 27 Ω too many on the ground side; 9.5 V of 12.6 are 75 %, so that it still pulls.
    [
      { supply: '12.6 V', t30_on: '12.6 V', t86_on: '12.5 V', t85_on: '3.0 V', t87_on: '12.4 V' },
      /^fail 85, coil control.*3\.0.V.*one of: resistance in the control wire or weak driver or bad ground of the controller/,
    ],
    // 2.3 of 12.6 V over the contact at 5 Ω: 5 · 2.3/10.3 = 1.1 Ω.
    [
      { supply: '12.6 V', t30_on: '12.6 V', t86_on: '12.5 V', t85_on: '0.2 V', t87_on: '10.3 V' },
      /^fail 87, output.*10\.3.V.*burnt contact/,
    ],
    // 87 stays on with the coil at rest: welded, or fed from elsewhere.
    [
      { supply: '12.6 V', t30_off: '12.6 V', t86_off: '12.5 V', t85_off: '12.5 V', t87_off: '12.5 V' },
      /one of: welded contact or output at 87 shorted to battery\. Try a known-good relay/,
    ],
  ],
  'three-wire-sensor': [
    // 5 V over 5 kΩ and the ground wire: 0.9 V there are 5000 · 0.9/4.1 = 1.1 kΩ, and half way between 0.9 and 5
    // the signal is lifted to 2.95 V.
    [
      { supply: '5.0 V', supply_in: '5.0 V', return_in: '0.9 V', signal_in: '2.95 V' },
      /^fail Ground at the plug.*One fault explains it: resistance in the ground wire\.$/,
    ],
    // 5000 · 1.1/3.9 = 1.4 kΩ on the way; unplugged it is gone, for nothing draws.
    [
      { supply: '5.0 V', supply_in: '3.9 V', supply_out: '5.0 V', return_in: '0.01 V' },
      /one of: resistance in the supply wire or supply of the controller weak/,
    ],
    [
      { supply: '5.0 V', supply_in: '5.0 V', return_in: '0 V', signal_in: '2.5 V', pin_in: '0 V' },
      /One fault explains it: open signal wire\.$/,
    ],
  ],
  'two-wire-sensor': [
    // Bridged at the plug 0.8 V are left: 2200 · 0.8/4.2 = 419 Ω in the ground wire.
    [
      { supply: '5.0 V', signal_in: '2.6 V', signal_out: '5.0 V', signal_bridged: '0.8 V' },
      /^fail Signal at the plug, bridged: 0\.8.V.*One fault explains it: resistance in the ground wire\.$/,
    ],
    // At the pin 0.7 V and at the plug none: 2200 · 0.7/4.3 = 358 Ω in between.
    [
      {
        supply: '5.0 V',
        signal_in: '2.6 V',
        signal_out: '5.0 V',
        signal_bridged: '0 V',
        pin_bridged: '0.7 V',
      },
      /^fail Signal at the controller, bridged: 0\.7.V.*One fault explains it: resistance in the signal wire\.$/,
    ],
    // 0.4 V plugged in: 2200 · 0.4/4.6 = 191 Ω, a hot sensor or one nearly shorted.
    [
      { supply: '5.0 V', signal_in: '0.4 V', signal_out: '5.0 V', signal_bridged: '0 V' },
      /^unsure As it has to be so far, but sensor shorted or nearly so would read the same/,
    ],
  ],
  'four-wire-sensor': [
    // 13.8 · 6/(6 + 3) = 9.2 V: 3 Ω in the feed.
    [
      { supply: '13.8 V', heater_on: '9.2 V', heater_off: '13.8 V', control_on: '0.3 V' },
      /^fail Heater feed, heater on: 9\.2.V.*One fault explains it: resistance in the feed of the heater\.$/,
    ],
    // The same 3 Ω on the other side leave 4.6 V; wire or controller's ground is not told by that.
    [
      { supply: '13.8 V', heater_on: '13.7 V', control_on: '4.6 V', control_off: '13.6 V' },
      /one of: resistance in the control wire of the heater or resistance in the ground of the controller/,
    ],
    // The controller's own 0.45 V, and an engine that is warm: it may be open, or cold.
    [
      { supply: '13.8 V', heater_on: '13.7 V', control_on: '0.3 V', signal_on: '0.45 V', pin_on: '0.45 V' },
      /^unsure As it has to be so far, but .*open signal wire.*cell dead or still cold/,
    ],
  ],
};

describeExamples(EXAMPLES);
