/** How many times likelier something has to make a cause to be said to speak for it. By judgement. */
export const SPEAKS = 1.5;
