import { writeFileSync } from 'node:fs';
import { featuresOf, NOTHING } from '../../src/core/symptoms/likelihood';
import { SYMPTOM_NAMES } from '../../src/core/symptoms/names';
import { canonical, tokens } from '../../src/core/symptoms/words';
import { fit, type Example } from './fit';
import { fingerprintOf, textsToLearn } from './texts';

/** Fits the weights of `src/core/symptoms/model.ts`: `npm run symptoms`. */
const FILE = 'src/core/symptoms/model.ts';
/** Seldomer words tell more of who wrote the sentence than of the car. */
const LEAST_OFTEN = 3;
/** Weights below are left out, nineteen of twenty: sentences nobody had prepared are read no worse without them. */
const LEAST_WEIGHT = 0.8;

const { known, further } = textsToLearn();
const texts = [...known, ...further];
const said = texts.map((t) => featuresOf(canonical(tokens(t.text).map((x) => x.token))));
const often = new Map<string, number>();
for (const f of said.slice(0, known.length).flat()) often.set(f, (often.get(f) ?? 0) + 1);
const features = [...often].filter(([, n]) => n >= LEAST_OFTEN).map(([f]) => f);
const number = new Map(features.map((f, i) => [f, i]));
const classes = [...SYMPTOM_NAMES.map((s) => s.id), NOTHING];
const examples = texts.map(({ is, weight }, i): Example => ({
  features: said[i]!.flatMap((f) => number.get(f) ?? []),
  is: classes.indexOf(is),
  weight,
}));
const { weights, bias } = fit(examples, features.length, classes.length);

// Five bits each: nothing is read otherwise with seven.
const step = weights.reduce((most, w) => Math.max(most, Math.abs(w)), 0) / 31;
// Of each feature how many classes, then these, then their weights in steps.
const packed = features.flatMap((_, i) => {
  const own = [...weights.subarray(i * classes.length, (i + 1) * classes.length)]
    .map((w, c) => [c, w] as const)
    .filter(([, w]) => Math.abs(w) >= LEAST_WEIGHT);
  return [own.length, ...own.map(([c]) => c), ...own.map(([, w]) => Math.round(w / step) & 255)];
});
const model = {
  fittedTo: fingerprintOf(texts),
  classes,
  features: features.join('|'),
  step: Number(step.toPrecision(6)),
  bias: [...bias].map((b) => Number(b.toFixed(3))),
  weights: Buffer.from(packed).toString('hex'),
};
writeFileSync(
  FILE,
  `/** Weights of \`likelihood.ts\`, fitted by \`npm run symptoms\`. Nothing here is written by hand. */\nexport const MODEL = ${JSON.stringify(model)};\n`,
);
console.log(`${texts.length} texts, ${features.length} features, ${packed.length} bytes of weights`);
