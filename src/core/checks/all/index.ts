import type { Check } from '../contract';
import alongAPipe from './along-a-pipe';
import appliedTruth from './applied-truth';
import batteryRest from './battery-rest';
import busResistance from './bus-resistance';
import camCrank from './cam-crank';
import chainSearch from './chain-search';
import chargingVoltage from './charging-voltage';
import coldSoak from './cold-soak';
import commandActual from './command-actual';
import compressionSpread from './compression-spread';
import contactDrop from './contact-drop';
import crankingVoltage from './cranking-voltage';
import cylinderLeakage from './cylinder-leakage';
import engineAirFlow from './engine-air-flow';
import filterBackPressure from './filter-back-pressure';
import fourWireSensor from './four-wire-sensor';
import fuelTrim from './fuel-trim';
import ignitionBurn from './ignition-burn';
import injectorBalance from './injector-balance';
import mustChange from './must-change';
import noxConversion from './nox-conversion';
import oddOneOut from './odd-one-out';
import parasiticCurrent from './parasitic-current';
import plausibleValue from './plausible-value';
import powerBalance from './power-balance';
import pressureHold from './pressure-hold';
import referenceCurve from './reference-curve';
import relay from './relay';
import rideHeight from './ride-height';
import sensorDivider from './sensor-divider';
import switchedFeed from './switched-feed';
import switchedGround from './switched-ground';
import thermostat from './thermostat';
import threeWireSensor from './three-wire-sensor';
import twoSensors from './two-sensors';
import twoWireSensor from './two-wire-sensor';
import ureaConcentration from './urea-concentration';
import voltageDrop from './voltage-drop';
import wheelSpeeds from './wheel-speeds';

/** All computed checks. A new one is its file and its line here. */
export const CHECKS: readonly Check[] = [
  alongAPipe,
  appliedTruth,
  batteryRest,
  busResistance,
  camCrank,
  chainSearch,
  chargingVoltage,
  coldSoak,
  commandActual,
  compressionSpread,
  contactDrop,
  crankingVoltage,
  cylinderLeakage,
  engineAirFlow,
  filterBackPressure,
  fourWireSensor,
  fuelTrim,
  ignitionBurn,
  injectorBalance,
  mustChange,
  noxConversion,
  oddOneOut,
  parasiticCurrent,
  plausibleValue,
  powerBalance,
  pressureHold,
  referenceCurve,
  relay,
  rideHeight,
  sensorDivider,
  switchedFeed,
  switchedGround,
  thermostat,
  threeWireSensor,
  twoSensors,
  twoWireSensor,
  ureaConcentration,
  voltageDrop,
  wheelSpeeds,
];
