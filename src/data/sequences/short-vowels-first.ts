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
w v y z          | w=w v=v ve=v@end y=j z=z |  | they are
x qu             | x=k+s qu=k+w |  | have
ff ll ss zz      | ff=f ll=l ss=s zz=z |  | one
sh               | sh=ʃ |  | do
ck               | ck=k |  | who
ch tch           | ch=tʃ tch=tʃ |  | there
th wh            | th=θ th=ð wh=w |  | were what
ng nk            | ng=ŋ n=ŋ | final-cluster | come some
-s               |  | suffix-s | two
starts: bl st dr |  | initial-cluster |
three together   |  | initial-cluster-3 final-cluster-3 | could would
-all, open ends  | a=ɔː e=iː@end o=oʊ@end y=aɪ@end i=aɪ@end |  | people
-ed -ing, doubles| ed=t ed=d ed=ɪ+d bb=b dd=d gg=g mm=m nn=n pp=p rr=r tt=t | suffix-ed suffix-ing |
two words in one |  | compounds |
a-e              | a-e=eɪ |  |
i-e              | i-e=aɪ y-e=aɪ |  |
o-e              | o-e=oʊ |  |
u-e e-e          | u-e=uː u-e=j+uː e-e=iː d=t |  |
soft c, soft g   | c=s ce=s g=dʒ ge=dʒ dge=dʒ dg=dʒ |  |
se ze            | se=s se=z s=z ze=z |  |
ee ea            | ee=iː ea=iː |  |
ai ay            | ai=eɪ ay=eɪ |  |
oa ow oe         | oa=oʊ ow=oʊ oe=oʊ |  |
igh ie           | igh=aɪ ie=aɪ |  |
oo               | oo=uː oo=ʊ u=ʊ |  |
ou ow            | ou=aʊ ow=aʊ |  |
oi oy            | oi=ɔɪ oy=ɔɪ |  |
au aw            | au=ɔː aw=ɔː al=ɔː augh=ɔː ough=ɔː |  |
ar               | ar=ɑːr |  |
or ore           | or=ɔːr ore=ɔːr oar=ɔːr oor=ɔːr our=ɔːr |  |
er ir ur         | er=ɜːr er=ər ir=ɜːr ur=ɜːr |  |
ew ue ui         | ew=uː ew=j+uː ue=uː ue=j+uː ui=uː |  |
kn wr mb gn      | kn=n wr=r mb=m gn=n gu=g |  |
long i and o     | i=aɪ o=oʊ a=eɪ e=iː u=uː u=j+uː y=aɪ |  |
ea as in head    | ea=e |  |
o as in son      | o=ʌ ou=ʌ me=m ne=n |  |
air are ear      | air=er are=er ear=er ere=er eir=er |  |
ear eer ere      | ear=ɪr eer=ɪr ere=ɪr ier=ɪr ure=ʊr ure=j+ʊr |  |
wor wa war       | or=ɜːr ear=ɜːr a=ɒ ar=ɔːr |  |
ph ch y          | ph=f ch=k ch=ʃ y=ɪ |  |
ie as in field   | ie=iː ei=iː ey=iː ey=eɪ ei=eɪ eigh=eɪ |  |
two syllables    |  | two-syllables |
-or -ar          | or=ər ar=ər |  |
-y as in happy   | y=iː |  |
weak vowels      | a=ə e=ə i=ə o=ə u=ə e=ɪ a=ɪ |  |
-le              | le=ə+l |  |
-ture -tion      | ure=ər t=tʃ ti=ʃ ci=ʃ ssi=ʃ si=ʒ s=ʒ |  |
ou as in soup    | ou=uː o=uː i=iː i-e=iː |  |
quiet letters    | ea=eɪ gue=g que=k gh=f st=s sc=s bt=t rh=r |  |
`,
} as const;
