/**
 * A short-vowels-first structured order, our own: closed syllables with single consonants, then doubles
 * and digraphs, then clusters and endings, then long vowels by their spelling. Common practice for the
 * general plan, no source; the order of steps was made for Zip Step.
 *
 * Lines as in phased.ts.
 */
export const SHORT_VOWELS_FIRST = {
  id: "short-vowels-first",
  name: "Short vowels first",
  source: "made for Zip Step",
  lines: `
a m s t p        | a=æ m=m s=s t=t p=p |  | a
i n d            | i=ɪ n=n d=d s=z@end |  | the
o g f            | o=ɒ g=g f=f |  | I
c h b            | c=k h=h b=b |  | to
u r l            | u=ʌ r=r l=l |  | was of
e k j            | e=e k=k j=dʒ |  | said you
w v y z          | w=w v=v y=j z=z |  | they are
x qu             | x=k+s qu=k+w |  | have
ff ll ss zz      | ff=f ll=l ss=s zz=z dd=d gg=g |  | one
sh               | sh=ʃ |  | do
ck               | ck=k |  | who
ch tch           | ch=tʃ tch=tʃ |  | there
th wh            | th=θ th=ð wh=w |  | were what
ng nk            | ng=ŋ n=ŋ |  | come some
-s               |  | suffix-s | two
ends: nd lt mp   |  | final-cluster | my by
starts: bl st dr |  | initial-cluster | been
three together   |  | initial-cluster-3 final-cluster-3 | could would should
-all, open ends  | a=ɔː e=iː@end o=oʊ@end y=aɪ@end i=aɪ@end |  | people
-ed -ing, doubles| ed=t ed=d ed=ɪ+d bb=b mm=m nn=n pp=p rr=r tt=t | suffix-ed suffix-ing double-consonant | her
-es              | es=ɪ+z | suffix-es | your
two words in one |  | compounds | friend friends
rabbit, kitten   | a=ə e=ə o=ə u=ə | two-syllables weak-vowel | once
a-e              | a-e=eɪ | drop-e | eye eyes
i-e              | i-e=aɪ y-e=aɪ |  | through
o-e              | o-e=oʊ |  | shoe shoes
u-e e-e          | u-e=uː u-e=j+uː e-e=iː d=t |  | any many
-er -est         | er=ər | suffix-er suffix-est | does
soft c, soft g   | c=s ce=s g=dʒ ge=dʒ dge=dʒ dg=dʒ | soft-c soft-g | their
se ze ve         | se=s se=z s=z ze=z ve=v the=ð |  | again
ee ea            | ee=iː ea=iː |  | because
ai ay            | ai=eɪ ay=eɪ |  | laugh laughed laughing
oa ow oe         | oa=oʊ ow=oʊ oe=oʊ |  | aunt aunts auntie
igh ie           | igh=aɪ ie=aɪ |  | blood flood
oo               | oo=uː oo=ʊ u=ʊ |  |
ou ow            | ou=aʊ ow=aʊ |  |
oi oy            | oi=ɔɪ oy=ɔɪ |  |
au aw            | au=ɔː aw=ɔː al=ɔː augh=ɔː ough=ɔː |  |
ar               | ar=ɑːr |  | busy business
or ore           | or=ɔːr ore=ɔːr oar=ɔːr oor=ɔːr our=ɔːr |  |
er ir ur         | er=ɜːr ir=ɜːr ur=ɜːr |  |
-y as in happy   | y=iː | suffix-y suffix-ly y-to-i |
it’s, can’t      |  | contraction possessive |
-le              | le=ə+l le=l l=ə+l | consonant-le |
ew ue ui         | ew=uː ew=j+uː ue=uː ue=j+uː ui=uː |  |
kn wr mb gn      | kn=n wr=r mb=m gn=n gu=g |  |
long i and o     | i=aɪ o=oʊ a=eɪ e=iː u=uː u=j+uː y=aɪ | open-syllables |
ea as in head    | ea=e |  |
o as in son      | o=ʌ ou=ʌ me=m ne=n |  |
air are ear      | air=er are=er ear=er ere=er eir=er ar=er a=e |  |
ear eer ere      | ear=ɪr eer=ɪr ere=ɪr ier=ɪr ure=ʊr ure=j+ʊr |  |
wor wa war       | or=ɜːr ear=ɜːr a=ɒ ar=ɔːr |  |
ph ch y          | ph=f ch=k ch=ʃ y=ɪ |  |
ie as in field   | ie=iː ei=iː ey=iː ey=eɪ ei=eɪ eigh=eɪ |  |
-or -ar          | or=ər ar=ər our=ər |  |
un- re- dis-     |  | prefix-un prefix-re prefix-dis |
-ful -less -ness |  | suffix-ful suffix-less suffix-ness |
village, minute  | ai=ɪ te=t u=ɪ ie=ə |  |
-ture -tion      | ure=ər t=tʃ ti=ʃ ci=ʃ ssi=ʃ si=ʒ s=ʒ shi=ʃ s=ʃ ss=ʃ ce=ʃ | ending-tion ending-ture |
three syllables  | o=ɔː all=l ar=r | three-syllables |
ou as in soup    | ou=uː o=uː i=iː i-e=iː eu=uː eu=j+uː oe=uː |  |
quiet letters    | ea=eɪ aigh=eɪ gue=g que=k gh=f gh=g st=s sc=s bt=t rh=r wh=h cc=k gg=dʒ x=g+z xc=k+s |  |
father, half     | a=ɑː al=ɑː al=æ au=æ ear=ɑːr arr=ɑːr urr=ɜːr |  |
onion, penguin   | i=j u=w iew=j+uː u=j+ə ure=j+ər ti=tʃ di=dʒ d=dʒ |  |
famous, soul     | ou=ə ou=oʊ ough=oʊ ew=oʊ ow=ɒ ou=ɒ ough=aʊ |  |
build, wolf      | ui=ɪ o=ʊ oul=ʊ oo=ʌ ie=e uy=aɪ eye=aɪ ye=aɪ u=e ai=e |  | says
theatre, iron    | re=ər ro=ər our=ʊr oor=ʊr ur=ʊr ur=j+ʊr oa=ɔː our=ɜːr ho=ɒ hou=aʊ |  |
odd ones         | sw=s zz=t+s ss=z dne=n sl=l ngue=ŋ co=k eau=j+uː de=d eo=e eo=iː ph=p pb=b oar=ər ui=ə ffe=f qu=k eue=j+uː ol=oʊ awer=ɔːr ayer=er et=eɪ e=eɪ tte=t irr=ɜːr aur=ɔːr owe=oʊ a=ʌ oe=ʌ ia=aɪ ah=ɑː ee=ɪ oh=oʊ eir=ɪr mn=m |  | choir choirs yacht yachts aisle aisles handkerchief handsome awesome garage anxious throughout mansion mansions axe moustache plaid sundae tortoise restaurant restaurants marriage marriages suede
`,
} as const;
