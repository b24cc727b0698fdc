/**
 * A published phased order: phases 2 to 5 of Letters and Sounds (Department for Education, England,
 * 2007), from memory. Crown copyright; the order of teaching is a fact and is restated here in our own
 * form. Steps after "u-e" go on from its phase 5 to the spellings that the commonest words of children need; their order
 * is ours.
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
h b f l, doubles | h=h b=b f=f ff=f l=l ll=l ss=s dd=d gg=g |  | I no go into
j v w x          | j=dʒ v=v w=w x=k+s |  | he she of
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
rabbit, kitten   | bb=b mm=m nn=n pp=p rr=r tt=t a=ə e=ə o=ə u=ə | two-syllables weak-vowel | been who
-es              | es=ɪ+z | suffix-es | once
ay               | ay=eɪ |  | oh
ou               | ou=aʊ |  | their
ie               | ie=aɪ |  | people
ea               | ea=iː |  |
oy               | oy=ɔɪ |  | called
ir               | ir=ɜːr |  | looked
ue               | ue=uː ue=j+uː |  | asked
aw               | aw=ɔː |  | could should would
wh               | wh=w |  | friend friends
ph               | ph=f |  | through
ew               | ew=uː ew=j+uː |  | eye eyes
oe               | oe=oʊ |  | shoe shoes
au               | au=ɔː |  | does
a-e              | a-e=eɪ |  | any many
e-e              | e-e=iː |  | busy business
i-e              | i-e=aɪ y-e=aɪ |  |
o-e              | o-e=oʊ |  | two
u-e              | u-e=uː u-e=j+uː |  | laugh laughed laughing
-ed -ing         | ed=t ed=d d=t ed=ɪ+d | suffix-ed suffix-ing drop-e double-consonant |
-er -est         |  | suffix-er suffix-est |
long i and o     | i=aɪ o=oʊ |  |
soft c, soft g   | c=s ce=s g=dʒ ge=dʒ se=s | soft-c soft-g |
u as in put      | u=ʊ u=uː u=j+uː |  | because
ow as in blow    | ow=oʊ |  |
ie as in field   | ie=iː ey=iː |  |
ea as in head    | ea=e |  |
a as in what     | a=ɒ a=eɪ |  | aunt aunts
y at the end     | y=aɪ y=iː y=ɪ e=iː | y-to-i suffix-y suffix-ly |
ch as in school  | ch=k ch=ʃ |  |
tch dge          | tch=tʃ dge=dʒ dg=dʒ |  |
ve               | ve=v |  |
it’s, can’t      |  | contraction possessive |
mb kn gn wr      | mb=m kn=n gn=n wr=r |  |
se ze the        | se=z s=z ze=z the=ð |  |
al our augh      | a=ɔː al=ɔː our=ɔːr ore=ɔːr oar=ɔːr oor=ɔːr augh=ɔː ough=ɔː |  |
ear are ere      | are=er ear=er ere=er eir=er ar=er a=e |  |
eer ere          | eer=ɪr ere=ɪr ier=ɪr |  |
ear or as in word| ear=ɜːr or=ɜːr ar=ɔːr |  |
o as in son      | o=ʌ ou=ʌ me=m ne=n |  | blood flood
-or -ar          | or=ər ar=ər our=ər |  |
-le              | le=ə+l le=l l=ə+l | consonant-le |
un- re- dis-     |  | prefix-un prefix-re prefix-dis |
-ful -less -ness |  | suffix-ful suffix-less suffix-ness |
village, minute  | ai=ɪ te=t u=ɪ ie=ə |  |
-ture -tion      | ure=ər t=tʃ ti=ʃ ci=ʃ ssi=ʃ si=ʒ s=ʒ shi=ʃ s=ʃ ss=ʃ ce=ʃ | ending-tion ending-ture |
three syllables  | o=ɔː all=l ar=r | three-syllables |
ou as in soup    | ou=uː ui=uː o=uː i=iː i-e=iː eu=uː eu=j+uː oe=uː |  |
eigh ei ey       | eigh=eɪ ei=eɪ ey=eɪ ei=iː ea=eɪ aigh=eɪ |  |
quiet letters    | gu=g gue=g que=k gh=f gh=g st=s sc=s bt=t rh=r wh=h cc=k gg=dʒ x=g+z xc=k+s |  |
father, half     | a=ɑː al=ɑː al=æ au=æ ear=ɑːr arr=ɑːr urr=ɜːr |  |
onion, penguin   | i=j u=w iew=j+uː u=j+ə ure=j+ər ti=tʃ di=dʒ d=dʒ |  |
famous, soul     | ou=ə ou=oʊ ough=oʊ ew=oʊ ow=ɒ ou=ɒ ough=aʊ |  |
build, wolf      | ui=ɪ o=ʊ oul=ʊ oo=ʌ ie=e uy=aɪ eye=aɪ ye=aɪ u=e ai=e |  | says
theatre, iron    | re=ər ro=ər our=ʊr oor=ʊr ur=ʊr ur=j+ʊr oa=ɔː our=ɜːr ho=ɒ hou=aʊ |  |
odd ones         | sw=s zz=t+s ss=z dne=n sl=l ngue=ŋ co=k eau=j+uː de=d eo=e eo=iː ph=p pb=b oar=ər ui=ə ffe=f qu=k eue=j+uː ol=oʊ awer=ɔːr ayer=er et=eɪ e=eɪ tte=t irr=ɜːr aur=ɔːr owe=oʊ a=ʌ oe=ʌ ia=aɪ ah=ɑː ee=ɪ oh=oʊ eir=ɪr mn=m |  | choir choirs yacht yachts aisle aisles handkerchief handsome awesome garage anxious throughout mansion mansions axe moustache plaid sundae tortoise restaurant restaurants marriage marriages suede
`,
} as const;
