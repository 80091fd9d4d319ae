/** What each part of a case is for, in two or three sentences a new colleague would be told. */
export const HELP = {
  complaint:
    'What the customer says, in their own words, and what you saw yourself. Their words are read into symptoms, which find similar cases. Put a wrong one right with a press: the shop’s vocabulary learns it.',
  evidence:
    'Everything that was found out, in the order it came: scans, live values, tests, checks and traces. Take a scan before codes are cleared. A test asks one question: type what you measured and what is right, and the verdict follows.',
  cause:
    'The suspects, with what speaks for and against each. The cause names a part and how it failed, and has to explain every code and symptom that is chased; what is left over needs a word.',
  repair:
    'What was done about the cause, and what had to come off for it. An estimate can be made and approved before the work begins.',
  proof:
    'A repair is claimed until it is checked, and proven only when the test that failed was repeated and passed, the codes stayed away and the symptom is gone. What is still missing stands beside the grade. A follow-up asks later whether it stayed fixed.',
} as const;

export type HelpOn = keyof typeof HELP;

/** The same for pages and panels; each alone, so that a page carries its own. */
export const HELP_CASES =
  'Every case of the shop. Filter and sort by the columns; what is shown can be exported.';
export const HELP_REVIEW =
  'How the shop has done over a period. Every figure opens the cases it was counted from.';
export const HELP_PROCEDURES =
  'Tests that belong together, saved as a checklist for the next vehicle of the kind.';
export const HELP_HISTORY = 'Every change on this case: when, by whom, from what to what.';
export const HELP_DECIDING =
  'Tests that told one cause from another in similar cases, with the line between them and where this vehicle stands.';
export const HELP_SIMILAR =
  'Cases with the same codes, symptoms or build, the nearest first, each with what it turned out to be and how well that was proven. “Beside” opens one next to this case.';
export const HELP_LIKELY =
  'The causes that fit what is on this case. Counts and cases come from your shop; “general practice” is what the trade knows where the shop has few cases. A share in percent is an estimate, not a diagnosis.';
