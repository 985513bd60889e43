/** What whoever handles the valve must read, and what a document of this program is not. */
export const cautions = [
  "Never put a hand into the bore or cavity of a valve that is fitted to a drive or can be turned. Disconnect and vent air, isolate power, lock and tag; a spring actuator holds stored energy and is not opened without the maker's procedure.",
  "Depressurise, drain and vent the cavity as well as the line, in open and closed position; assume it still holds pressure and product.",
  "A stem, packing gland, vent or grease fitting may eject under pressure: stand aside and never back one out under pressure unless it is made for that.",
  "Engineering aid. Reference data are indicative and must be checked against the edition of the code the project invokes and the maker's certified data; local law, the owner's procedures and a licensed engineer's judgement prevail.",
];
