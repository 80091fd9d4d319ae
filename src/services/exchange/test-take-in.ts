import { takeIn } from './import';

/** For a test: takes one case file in from a process of its own. */
const [taken] = await takeIn([{ line: 1, text: process.argv[2]! }], '');
console.log(taken!.state);
