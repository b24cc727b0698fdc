/**
 * Frames that sentences are made in, one a line; a line that begins with # heads the lines after it. A slot in braces takes a
 * word of a class of sentence-words.ts (`{adjective}`: of things, `{tasty}`: of food) in a form: `+s` the plural of a noun
 * and the third person of a verb, `+past`, `+ing`. "a" becomes "an" where it has to. Judgement, no source.
 */
export const SENTENCE_FRAMES: readonly string[] = `
  # Two and three words
  {name} {stay+past}.
  {name} {move+past}.
  {name} {stay+s}.
  {name} {move+s}.
  {stay}, {name}.
  {name} can {stay}.
  {name} can {move}.
  {name} will {stay}.
  {name} will {move}.
  {name} did not {stay}.
  {name} did not {move}.
  {name} is {feeling}.
  {name} was {feeling}.
  Is {name} {feeling}?
  Can {name} {move}?
  Can {name} {stay}?
  Did {name} {move}?
  {name} is {stay+ing}.
  {name} is {move+ing}.
  {name} was {move+ing}.
  {name} and {name} {stay+past}.
  {name} and {name} {move+past}.
  {name} and {name} {stay}.
  {name} and {name} {move}.
  {name} and {name} can {move}.
  {name} and {name} are {feeling}.
  {name} met {name}.
  {name} let {name} {stay}.
  # Plurals by themselves
  {animal+s} {stay}.
  {animal+s} {move}.
  {animal+s} can {move}.
  {animal+s} and {animal+s} {move}.
  {number} {animal+s} {stay+past}.
  {number} {animal+s} {move+past}.
  {number} {animal+s} {stay}.
  {number} {person+s} {move+past}.
  {number} {person+s} {stay+past}.
  {person+s} and {animal+s} {move}.
  {feeling} {animal+s} {move}.
  {creature} {animal+s} {stay}.
  # One animal or person, by itself
  A {animal} {stay+past}.
  A {animal} {move+past}.
  The {animal} {stay+past}.
  The {animal} {move+past}.
  The {person} {stay+past}.
  The {person} {move+past}.
  A {person} {move+past}.
  A {person} {stay+past}.
  The {animal} {stay+s}.
  The {animal} {move+s}.
  The {person} {stay+s}.
  The {person} {move+s}.
  The {animal+s} {stay}.
  The {animal+s} {move}.
  The {animal+s} {move+past}.
  The {person+s} {stay+past}.
  The {animal} can {move}.
  The {animal} can {stay}.
  The {person} can {stay}.
  The {person} will {move}.
  The {animal} did not {stay}.
  The {person} did not {move}.
  Can the {animal} {move}?
  Can a {animal} {move}?
  Did the {animal} {stay}?
  Will the {person} {stay}?
  The {animal} is {stay+ing}.
  The {animal} is {move+ing}.
  The {person} is {stay+ing}.
  The {person} is {move+ing}.
  The {animal+s} are {move+ing}.
  The {person+s} are {stay+ing}.
  The {animal} is {feeling}.
  The {person} is {feeling}.
  The {animal} was {feeling}.
  The {person} was not {feeling}.
  The {animal+s} are {feeling}.
  The {person+s} were {feeling}.
  Is the {animal} {feeling}?
  Is the {person} {feeling}?
  The {animal} and the {animal} {stay+past}.
  The {animal} and the {animal} {move+past}.
  The {person} and the {animal} {move+past}.
  The {person} and {name} {stay+past}.
  {name} and the {animal} {stay+past}.
  {name} and a {animal} {move+past}.
  A {feeling} {animal} {move+past}.
  A {feeling} {animal} {stay+past}.
  A {feeling} {person} {stay+past}.
  The {feeling} {animal} {stay+s}.
  The {feeling} {person} {move+past}.
  A {creature} {animal} {move+past}.
  The {creature} {animal} {stay+past}.
  The {creature} {animal} is {feeling}.
  The {creature} {animal+s} {move+past}.
  # Where
  {name} {stay+past} on a {place-on}.
  {name} {stay+past} in a {place-in}.
  {name} {stay+past} on the {place-on}.
  {name} {stay+past} in the {place-in}.
  {name} {stay+s} on the {place-on}.
  {name} can {stay} in the {place-in}.
  {name} is in the {place-in}.
  {name} is on the {place-on}.
  Is {name} in the {place-in}?
  Is {name} on the {place-on}?
  The {animal} {stay+past} on the {place-on}.
  The {animal} {stay+past} in the {place-in}.
  A {animal} {stay+past} in a {place-in}.
  A {animal} {stay+past} on a {place-on}.
  The {animal} {stay+s} on the {place-on}.
  The {animal} {stay+s} in the {place-in}.
  The {animal+s} {stay} in the {place-in}.
  The {animal+s} {stay+past} on the {place-on}.
  The {person} {stay+past} on the {place-on}.
  The {person+s} {stay+past} on the {place-on}.
  The {animal} is in the {place-in}.
  The {animal} is on the {place-on}.
  A {animal} is in the {place-in}.
  The {animal+s} are in the {place-in}.
  The {animal+s} are on the {place-on}.
  {number} {animal+s} {stay+past} on the {place-on}.
  {number} {animal+s} {stay+past} in the {place-in}.
  {number} {animal+s} are in the {place-in}.
  Is the {animal} in the {place-in}?
  Is the {animal} on the {place-on}?
  Can the {animal} {stay} on the {place-on}?
  A {feeling} {animal} {stay+past} in the {place-in}.
  A {creature} {animal} {stay+past} on the {place-on}.
  The {creature} {animal} is on the {place-on}.
  The {animal} {move+past} to the {place-in}.
  The {animal} {move+past} up the hill.
  The {animal} {move+past} from the {place-in}.
  The {animal} {move+past} off the {place-on}.
  The {animal} {move+s} to the {place-in}.
  The {person} {move+past} to the {place-in}.
  The {person} {move+past} up the hill.
  The {person+s} {move+past} to the {place-in}.
  {name} {move+past} to the {place-in}.
  {name} {move+past} up the hill.
  {name} {move+past} to the {animal}.
  {name} {move+past} off with the {animal}.
  {name} and {name} {move+past} to the {place-in}.
  The {animal} and the {animal} {move+past} to the {place-in}.
  The {creature} {animal} {move+past} to the {place-in}.
  Can {name} {move} to the {place-in}?
  # Things
  {name} {handle+past} a {thing}.
  {name} {handle+past} the {thing}.
  {name} {handle+s} the {thing}.
  {name} {handle+s} a {thing}.
  {name} has a {thing}.
  {name} had a {thing}.
  {name} has the {thing}.
  {name} has {number} {thing+s}.
  {name} {handle+past} {number} {thing+s}.
  {name} can {handle} the {thing}.
  {name} will {handle} a {thing}.
  {name} did not {handle} the {thing}.
  Can {name} {handle} the {thing}?
  Did {name} {handle} the {thing}?
  Has {name} got a {thing}?
  {name} has got a {thing}.
  {name} has a {adjective} {thing}.
  {name} {handle+past} a {adjective} {thing}.
  {name} {handle+past} the {adjective} {thing}.
  {name} {handle+past} {name}'s {thing}.
  The {person} {handle+past} the {thing}.
  The {person} {handle+past} a {thing}.
  The {person} has a {thing}.
  The {person} had a {adjective} {thing}.
  The {person} {handle+s} the {thing}.
  The {person+s} {handle+past} the {thing}.
  The {person+s} {handle} the {thing}.
  The {person} can {handle} the {thing}.
  The {person} has {number} {thing+s}.
  The {animal} has a {thing}.
  The {animal} had the {thing}.
  The {animal} has a {adjective} {thing}.
  The {animal} got the {thing}.
  It is a {thing}.
  It is a {adjective} {thing}.
  It is {name}'s {thing}.
  Is it a {thing}?
  This is a {thing}.
  This is a {adjective} {thing}.
  The {thing} is {adjective}.
  The {thing} was {adjective}.
  The {thing+s} are {adjective}.
  {name}'s {thing} is {adjective}.
  Is the {thing} {adjective}?
  The {adjective} {thing} is in the {container}.
  The {thing} is in the {container}.
  The {thing} is on the {place-on}.
  The {thing+s} are in the {container}.
  A {thing} is in the {container}.
  {number} {thing+s} are in the {container}.
  Is the {thing} in the {container}?
  {name} {handle+past} the {thing} in the {container}.
  {name} got a {thing} from the {container}.
  {name} got {number} {thing+s} from the {container}.
  The {person} put the {thing} in the {container}.
  {name} put the {thing} on the {place-on}.
  {name} put a {thing} in the {container}.
  Put the {thing} in the {container}.
  Get the {thing} from the {container}.
  {handle} the {thing}, {name}.
  {handle} the {adjective} {thing}.
  # Food
  {name} {eat+past} a {food}.
  {name} {eat+past} the {food}.
  {name} {eat+s} the {food}.
  {name} has a {food}.
  {name} had the {food}.
  {name} can {eat} the {food}.
  {name} will {eat} a {food}.
  {name} {eat+past} {number} {food+s}.
  {name} {cook+past} the {food}.
  {name} and {name} {cook+past} the {food}.
  The {person} {cook+past} the {food}.
  The {person} {cook+past} {number} {food+s}.
  The {person} {cook+s} the {food}.
  The {person} {eat+past} the {food}.
  The {animal} {eat+past} the {food}.
  The {animal} {eat+past} a {food}.
  The {animal} {eat+s} the {food}.
  The {animal+s} {eat} the {food}.
  The {animal+s} {eat+past} the {food}.
  The {animal} {eat+past} {name}'s {food}.
  The {animal} {eat+past} {number} {food+s}.
  A {creature} {animal} {eat+past} the {food}.
  The {feeling} {animal} {eat+past} the {food}.
  Can the {animal} {eat} the {food}?
  Did the {animal} {eat} the {food}?
  Did {name} {eat} the {food}?
  The {food} is in the {container}.
  The {tasty} {food} is in the {container}.
  {name} {eat+past} the {tasty} {food}.
  The {animal} {eat+past} the {tasty} {food}.
  The {food} is {tasty}.
  {name} got the {animal} a {food}.
  {name} fed the {pet}.
  # Seeing, meeting, looking after
  {name} {see+past} a {animal}.
  {name} {see+past} the {animal}.
  {name} {see+past} {number} {animal+s}.
  {name} can {see} the {animal}.
  {name} {see+past} a {creature} {animal}.
  {name} {see+past} a {plant}.
  {name} {see+past} a {vehicle}.
  {name} {see+s} the {animal}.
  The {person} {see+past} a {animal}.
  The {person} {see+past} the {vehicle}.
  The {animal} {see+past} the {animal}.
  The {animal} {see+past} a {thing}.
  The {animal} {see+s} the {food}.
  The {animal+s} {see} the {food}.
  Did the {person} {see} the {animal}?
  Can {name} {see} a {animal}?
  {name} {care+past} the {pet}.
  {name} {care+s} the {pet}.
  {name} can {care} the {pet}.
  {name} {care+past} the {creature} {pet}.
  The {person} {care+past} the {pet}.
  The {person+s} {care+past} the {pet}.
  {care} the {pet}, {name}.
  The {animal} {meet+past} the {animal}.
  The {animal} {meet+s} the {animal}.
  A {animal} {meet+past} a {animal}.
  The {person} {greet+past} the {animal}.
  {name} {greet+past} a {animal}.
  {name} {greet+past} the {person}.
  The {feeling} {animal} {meet+past} a {creature} {animal}.
  # On the way
  {name} is on the {vehicle}.
  {name} got on the {vehicle}.
  {name} got off the {vehicle}.
  The {person} got on the {vehicle}.
  The {person} is on the {vehicle}.
  The {animal} got on the {vehicle}.
  The {animal} is in the {vehicle}.
  The {animal+s} are on the {vehicle}.
  {number} {animal+s} got on the {vehicle}.
  The {vehicle} is {adjective}.
  The {adjective} {vehicle} is {name}'s.
  {name} has a {adjective} {vehicle}.
  The {person} has a {vehicle}.
  The {person} can fix the {vehicle}.
  # What is worn
  {name} has a {wear}.
  {name} has a {adjective} {wear}.
  {name} got a {wear} from the {container}.
  The {person} has a {adjective} {wear}.
  The {animal} has a {wear}.
  The {animal} has a {adjective} {wear}.
  The {animal} {stay+past} in a {wear}.
  {name}'s {wear} is {adjective}.
  The {wear} is in the {container}.
`
  .split("\n")
  .map((line) => line.trim())
  .filter((line) => line !== "" && !line.startsWith("#"));
