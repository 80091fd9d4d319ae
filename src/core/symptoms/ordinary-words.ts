import { stem } from './words';

/**
 * Words of everyday English that lie one or two letters from a word of the vocabulary and mean themselves: a small spot
 * is no "stall", a smart key no "start". Found by holding the 10,000 most used words against the vocabulary.
 */
const WORDS = `
accent accused alter altered alternative alternatives among angel angels animated appeal appeals assistant
automation automotive beast became blend booth bound breach bread broker brokers browse browsing brush built
burst cancelled cancer carried certainly chair chairs chapter chapters charm charming charms chart charter
charts child collection collections compensation compete competing complex compression connector connectors
const constraint constraints consultant consultants continuously contract contracting contracts controlled
controlling convention conventions conversation conversations conviction cookie cookies correction
corrections correctly correlation corruption could counties county court courts cradle create created
creates creating creek crest currently debate decade decades defeat derived destination destinations
direction directions distant donor donors doubt drawn driven drunk enlargement entire event events exclusion
explanation explore exploring extension extensions extent father fathers fellow fifty fleet flesh flour
floyd flush forgot forth foster functional funky garbage generation generations gently given grand grande
grant granted grants great greeting grown handy haven hazardous heard indication infection infections
inflation injection inline insertion inspector interview interviews intro labor later leader leaders learn
learned learning lightning liver lounge maker makers march marine massage medal mental menus model modeling
models modem modems moderator moderators movers navigator nearby neural newer north older overhead paint
painted painting palace partial participate participated participating particular parties party pasta patrol
pitch plain plains plant plants poker policies policy possibly premises present presented presenting
presents print printed printing prints production productions programme programmes projection protective
quarterly quiet quilt radiation rally ratio ratios reduction reductions relate related relates relating
relax remainder remove removed removing resistant revised rider riders rocket rocky safer safety senior
separation shall shark sheep sheer sheet sheets shell shirt shirts shower showers silence situation
situations skill skilled skills sleep sleeping sleeps small smart spain spears spell spelling spend spending
split sprint squad square stack staff staffing stationery steal steel stock stocks strain strand strap
stream streaming streams strengthen strengthening strike strikes striking strings stroke strong struck stuff
stuffed supplement supplements swift tackle taken thank thanks thirty thorough thought thoughts thrown timer
tract tradition traditions trail trails trainer trainers transform travelling trick tricks triple unity
untitled violence wherever wider widescreen width willow winner winners wonder wondering worst
`;

/** As plain tokens, never taken for a misspelling. */
export const ORDINARY: ReadonlySet<string> = new Set(WORDS.trim().split(/\s+/).map(stem));
