/** Cautions for persons who handle the valve, and the limits of a document of this program. */
export const cautions = [
  "The closing member can amputate fingers. Never put a hand into the bore or cavity of a valve that can turn. Disconnect and vent the air, isolate the power, lock and tag. Springs under load can eject and kill: open a spring actuator only by the maker's procedure.",
  "Trapped pressure and product can injure or kill. Depressurise, drain and vent the line and the cavity, in open and closed position. Assume that the cavity still holds pressure and product.",
  "A stem, packing gland, vent or grease fitting can eject under pressure and kill. Stand to one side. Never loosen one under pressure unless it is made for that.",
  "Engineering aid. Reference data are indicative. Check them against the code edition of the project and the maker's certified data. Local law, the owner's procedures and the judgement of a licensed engineer prevail.",
];
