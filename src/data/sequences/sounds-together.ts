/**
 * An order that teaches the spellings of a sound together, our own: short vowels, consonant digraphs and clusters first,
 * then one long vowel after another with all its common spellings side by side, each soon after the last. Common practice
 * for the general plan, no source; the order of steps was made for Zip Step.
 *
 * Lines as in phased.ts.
 */
export const SOUNDS_TOGETHER = {
  id: "sounds-together",
  name: "Spellings of a sound together",
  source: "made for Zip Step",
  lines: `
a t s m p        | a=æ t=t s=s m=m p=p |  | a
i n d f          | i=ɪ n=n d=d f=f s=z@end |  | the
o c g h          | o=ɒ c=k g=g h=h |  | I
u b l r          | u=ʌ b=b l=l r=r |  | to of
e k j w          | e=e k=k j=dʒ w=w |  | was
v y z x qu       | v=v y=j z=z x=k+s qu=k+w |  | said you
doubles, ck      | ff=f ll=l ss=s zz=z dd=d gg=g ck=k | suffix-s | are they
sh ch tch        | sh=ʃ ch=tʃ tch=tʃ |  | have do
th ng nk         | th=θ th=ð ng=ŋ n=ŋ |  | one two
ends: nd lt mp   |  | final-cluster | who there
starts: bl st dr |  | initial-cluster | were what
three together   |  | initial-cluster-3 final-cluster-3 | come some
rabbit, kitten   | bb=b mm=m nn=n pp=p rr=r tt=t a=ə e=ə o=ə u=ə | compounds two-syllables weak-vowel | my by
/ee/: ee ea e    | ee=iː ea=iː e=iː |  | been
/ee/: y e-e ie ey| y=iː e-e=iː ie=iː ey=iː ei=iː | suffix-y suffix-ly y-to-i | people
/ay/: ai ay      | ai=eɪ ay=eɪ |  | could would should their
/ay/: a-e a      | a-e=eɪ a=eɪ | drop-e | any many
/ay/: ey ei eigh | ey=eɪ ei=eɪ eigh=eɪ ea=eɪ aigh=eɪ |  | friend friends
-ed -ing -es     | ed=t ed=d d=t ed=ɪ+d es=ɪ+z | suffix-ed suffix-ing suffix-es double-consonant | once
/igh/: igh ie y  | igh=aɪ ie=aɪ y=aɪ |  | eye eyes
/igh/: i-e i     | i-e=aɪ i=aɪ y-e=aɪ |  | through
/oh/: oa ow      | oa=oʊ ow=oʊ |  | shoe shoes
/oh/: o-e o oe   | o-e=oʊ o=oʊ oe=oʊ | open-syllables | does
/oo/: oo u-e     | oo=uː u-e=uː u-e=j+uː |  | your
/oo/: ew ue u    | ew=uː ew=j+uː ue=uː ue=j+uː u=uː u=j+uː ui=uː |  |
short oo: oo u   | oo=ʊ u=ʊ |  | because
/ow/: ou ow      | ou=aʊ ow=aʊ |  | laugh laughed laughing
/oy/: oi oy      | oi=ɔɪ oy=ɔɪ |  | aunt aunts auntie
/aw/: aw au a    | aw=ɔː au=ɔː a=ɔː al=ɔː augh=ɔː ough=ɔː |  | blood flood
/ar/             | ar=ɑːr |  | busy business
/or/: or ore oar | or=ɔːr ore=ɔːr oar=ɔːr oor=ɔːr our=ɔːr |  |
/er/: er ir ur   | er=ɜːr er=ər ir=ɜːr ur=ɜːr | suffix-er suffix-est |
/er/: ear or     | ear=ɜːr or=ɜːr |  |
/air/: air are   | air=er are=er ear=er ere=er eir=er ar=er a=e |  |
/ear/: ear eer   | ear=ɪr eer=ɪr ere=ɪr ier=ɪr ure=ʊr ure=j+ʊr |  |
/s/: c ce se     | c=s ce=s se=s | soft-c |
/j/: g ge dge    | g=dʒ ge=dʒ dge=dʒ dg=dʒ | soft-g |
/z/: s se ze     | s=z se=z ze=z the=ð |  |
/v/: ve          | ve=v |  |
/n/ /r/: kn wr   | kn=n gn=n wr=r mb=m gu=g |  |
/f/ /k/: ph ch   | ph=f ch=k ch=ʃ wh=w |  |
it’s, can’t      |  | contraction possessive |
short e: ea      | ea=e |  |
short u: o ou    | o=ʌ ou=ʌ me=m ne=n |  |
short o: a       | a=ɒ ar=ɔːr |  |
short i: y       | y=ɪ |  |
-le              | le=ə+l le=l l=ə+l | consonant-le |
-or -ar          | or=ər ar=ər our=ər |  |
un- re- dis-     |  | prefix-un prefix-re prefix-dis |
-ful -less -ness |  | suffix-ful suffix-less suffix-ness |
village, minute  | ai=ɪ te=t u=ɪ ie=ə |  |
-ture -tion      | ure=ər t=tʃ ti=ʃ ci=ʃ ssi=ʃ si=ʒ s=ʒ shi=ʃ s=ʃ ss=ʃ ce=ʃ | ending-tion ending-ture |
three syllables  | o=ɔː all=l ar=r | three-syllables |
ou as in soup    | ou=uː o=uː i=iː i-e=iː eu=uː eu=j+uː oe=uː |  |
quiet letters    | gue=g que=k gh=f gh=g st=s sc=s bt=t rh=r wh=h cc=k gg=dʒ x=g+z xc=k+s |  |
father, half     | a=ɑː al=ɑː al=æ au=æ ear=ɑːr arr=ɑːr urr=ɜːr |  |
onion, penguin   | i=j u=w iew=j+uː u=j+ə ure=j+ər ti=tʃ di=dʒ d=dʒ |  |
famous, soul     | ou=ə ou=oʊ ough=oʊ ew=oʊ ow=ɒ ou=ɒ ough=aʊ |  |
build, wolf      | ui=ɪ o=ʊ oul=ʊ oo=ʌ ie=e uy=aɪ eye=aɪ ye=aɪ u=e ai=e |  | says
theatre, iron    | re=ər ro=ər our=ʊr oor=ʊr ur=ʊr ur=j+ʊr oa=ɔː our=ɜːr ho=ɒ hou=aʊ |  |
odd ones         | sw=s zz=t+s ss=z dne=n sl=l ngue=ŋ co=k eau=j+uː de=d eo=e eo=iː ph=p pb=b oar=ər ui=ə ffe=f qu=k eue=j+uː ol=oʊ awer=ɔːr ayer=er et=eɪ e=eɪ tte=t irr=ɜːr aur=ɔːr owe=oʊ a=ʌ oe=ʌ ia=aɪ ah=ɑː ee=ɪ oh=oʊ eir=ɪr mn=m |  | choir choirs yacht yachts aisle aisles handkerchief handsome awesome garage anxious throughout mansion mansions axe moustache plaid sundae tortoise restaurant restaurants marriage marriages suede
`,
} as const;
