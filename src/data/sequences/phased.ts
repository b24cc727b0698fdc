/**
 * A published phased order: phases 2 to 5 of Letters and Sounds (Department for Education, England,
 * 2007), from memory. Crown copyright; the order of teaching is a fact and is restated here in our own
 * form.
 *
 * One step a line: name · correspondences · patterns · irregular words. A correspondence is
 * grapheme=phonemes, with @start, @inside or @end where it is taught for that place only.
 */
export const PHASED = {
  id: "phased",
  name: "Phased order",
  source: "Letters and Sounds phases 2 to 5, Department for Education (England) 2007, from memory",
  lines: `
s a t p          | s=s a=æ t=t p=p |  | a
i n m d          | i=ɪ n=n m=m d=d s=z@end |  |
g o c k          | g=g o=ɒ c=k k=k |  |
ck e u r         | ck=k e=e u=ʌ r=r |  | to the
h b f l, doubles | h=h b=b f=f ff=f l=l ll=l ss=s |  | I no go into
j v w x          | j=dʒ v=v ve=v@end w=w x=k+s |  | he she
y z qu           | y=j z=z zz=z qu=k+w |  | we me be
ch               | ch=tʃ | suffix-s |
sh               | sh=ʃ |  | was
th               | th=θ th=ð |  | my
ng               | ng=ŋ n=ŋ |  | you
ai               | ai=eɪ |  |
ee               | ee=iː |  | they
igh              | igh=aɪ |  |
oa               | oa=oʊ |  | her
oo               | oo=uː oo=ʊ |  | all
ar               | ar=ɑːr |  | are
or               | or=ɔːr |  |
ur               | ur=ɜːr |  |
ow               | ow=aʊ |  |
oi               | oi=ɔɪ |  |
ear              | ear=ɪr |  |
air              | air=er |  |
ure              | ure=ʊr ure=j+ʊr |  |
er               | er=ɜːr er=ər |  |
ends: nd lt mp   |  | final-cluster | said so
starts: st fl gr |  | initial-cluster | have like some come
three together   |  | initial-cluster-3 final-cluster-3 | were there little one do when out what
two words in one |  | compounds |
ay               | ay=eɪ |  | oh
ou               | ou=aʊ |  | their
ie               | ie=aɪ |  | people
ea               | ea=iː |  |
oy               | oy=ɔɪ |  | called
ir               | ir=ɜːr |  | looked
ue               | ue=uː ue=j+uː |  | asked
aw               | aw=ɔː |  | could
wh               | wh=w |  |
ph               | ph=f |  |
ew               | ew=uː ew=j+uː |  |
oe               | oe=oʊ |  |
au               | au=ɔː |  |
a-e              | a-e=eɪ |  |
e-e              | e-e=iː |  |
i-e              | i-e=aɪ y-e=aɪ |  |
o-e              | o-e=oʊ |  |
u-e              | u-e=uː u-e=j+uː |  |
long i and o     | i=aɪ o=oʊ |  |
soft c, soft g   | c=s ce=s g=dʒ ge=dʒ se=s |  |
u as in put      | u=ʊ u=uː u=j+uː |  |
ow as in blow    | ow=oʊ |  |
ie as in field   | ie=iː ey=iː |  |
ea as in head    | ea=e |  |
a as in what     | a=ɒ a=eɪ |  |
y at the end     | y=aɪ y=iː y=ɪ e=iː |  |
ch as in school  | ch=k ch=ʃ |  |
-ed -ing, doubles| ed=t ed=d d=t ed=ɪ+d bb=b dd=d gg=g mm=m nn=n pp=p rr=r tt=t | suffix-ed suffix-ing |
tch dge          | tch=tʃ dge=dʒ dg=dʒ |  |
mb kn gn wr      | mb=m kn=n gn=n wr=r |  |
se ze the        | se=z s=z ze=z the=ð |  |
al our augh      | a=ɔː al=ɔː al=ɑː our=ɔːr ore=ɔːr oar=ɔːr oor=ɔːr augh=ɔː ough=ɔː |  |
ear are ere      | are=er ear=er ere=er eir=er |  |
eer ere          | eer=ɪr ere=ɪr ier=ɪr |  |
ear or as in word| ear=ɜːr or=ɜːr ar=ɔːr |  |
o as in son      | o=ʌ ou=ʌ me=m ne=n |  |
two syllables    |  | two-syllables |
-or -ar          | or=ər ar=ər |  |
weak vowels      | a=ə e=ə i=ə o=ə u=ə e=ɪ a=ɪ |  |
-le              | le=ə+l |  |
-ture -tion      | ure=ər t=tʃ ti=ʃ ci=ʃ ssi=ʃ si=ʒ s=ʒ |  |
ou as in soup    | ou=uː ui=uː o=uː i=iː i-e=iː |  |
eigh ei ey       | eigh=eɪ ei=eɪ ey=eɪ ei=iː ea=eɪ |  |
quiet letters    | gu=g gue=g que=k gh=f st=s sc=s bt=t rh=r |  |
`,
} as const;
