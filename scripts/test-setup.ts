import fc from 'fast-check';

// The same examples in every run, so that a change is judged by what it changes; FC_SEED=$RANDOM looks further.
fc.configureGlobal({ seed: Number(process.env.FC_SEED ?? 20_261_125) });
