/**
 * Reading an unknown spelling by rule: data only, one rule a line.
 *
 *   grapheme · phonemes · cost · letters before (regular expression) · letters after · name of the rule
 *
 * "-" is no condition. Before is matched at its end, after at its beginning; "^" and "$" are the edges of
 * the word. Abbreviations: C one consonant letter, V one vowel letter, ENDING an -s, -ed, -ing … at the end.
 * Cost 1 is the first reading tried; the next is its other sound.
 *
 * Source: the spelling rules of English Appendix 1, National curriculum in England, 2013, read backwards,
 * from memory; soft c and g, final e, doubled consonants, open and closed syllables: common practice.
 */
export const RULE_LINES = `
b    b     1   -      -                    letter
bb   b     1   V      -                    doubled consonant
mb   m     0.5 V      (?:s|ed|ing)?$       mb at the end
c    k     1   -      [^eiyh]|$            hard c
c    s     1   -      [eiy]                soft c
cc   k     1   V      [^eiy]               doubled consonant
ch   tʃ    1   -      -                    digraph
ch   k     3   -      [lr]                 ch before l and r
ck   k     1   V      -                    ck after a short vowel
d    d     1   -      -                    letter
dd   d     1   V      -                    doubled consonant
dge  dʒ    0.5 V      (?:s|d)?$            dge after a short vowel
dg   dʒ    1   V      [eiy]                dge after a short vowel
f    f     1   -      -                    letter
ff   f     1   V      -                    doubled consonant
g    g     1   -      [^eiy]|$             hard g
g    dʒ    1   -      [eiy]                soft g
g    g     1.3 -      [eiy]                hard g all the same
g    g     0.9 ^      et|if|iv|ir[dlt]|ig|il[dlt]|ee[sk]|ear|ew  hard g in old English words
gg   g     1   V      -                    doubled consonant
gh   g     1   ^      -                    gh at the start
gn   n     0.5 ^      -                    silent letter
gn   n     1   V      (?:s|ed|ing)?$       silent letter
gu   g     1   ^      [ei]                 hard g kept by u
gue  g     1   V      s?$                  gue at the end
ge   dʒ    0.5 [nlr]|ou|au|ie  (?:s|d)?$            ge at the end
h    h     1   ^|C    V                    letter
h    h     1   V      V                    letter
j    dʒ    1   -      -                    letter
k    k     1   -      -                    letter
kn   n     0.5 ^      -                    silent letter
l    l     1   -      -                    letter
ll   l     1   V      -                    doubled consonant
le   ə+l   0.5 V.*C      (?:s|d)?$            consonant-le
m    m     1   -      -                    letter
mm   m     1   V      -                    doubled consonant
n    n     1   -      [^kgxq]|$            letter
n    n     1   -      g[eiy]               letter before soft g
n    ŋ     0.9 V      k|x|q|c(?:[^eiyhk]|$)|g[^eiy]  n before k and g
g    dʒ    0.5 [aeiou][aeiou]n ed$         g before ed after two vowels
ng   ŋ     0.5 V      (?:s|ed|ing|er)?$    ng at the end
ng   ŋ     1   V      [^aeiouylrw]         ng
nn   n     1   V      -                    doubled consonant
p    p     1   -      [^h]|$               letter
pp   p     1   V      -                    doubled consonant
ph   f     1   -      -                    ph
qu   k+w   1   -      -                    qu
que  k     0.5 V      s?$                  que at the end
r    r     1   -      -                    letter
rr   r     1   V      V                    doubled consonant
rh   r     0.5 ^      -                    silent letter
s    s     1   ^      -                    letter
s    s     1   [^aeiouywrlmnbdgv]  -         letter
s    s     1   [aeiouywrlmnbdgv]   C         letter
s    z     1   [bdglmnrvw]  $                 ending after a voiced sound
s    z     0.9 ve|le|[aeou]y|ee|ea|oo|oe|ie|ue|igh $  ending after a voiced sound
s    z     1   [aeiou][bdglmnrv]e  $         ending after a voiced sound
s    s     1   [aeiouy]   $                  letter
s    s     1   a      e(?:s|d)?$             s before final e after a
s    z     1.2 [aeiouy]   V                s between vowels
s    z     0.9 VV         ed$              s between vowels
s    s     1.4 [aeiouy]   V                s between vowels, unvoiced
s    s     1   [wrlmnbdgv] V               letter
sc   s     0.8 -      [eiy]                soft c
se   s     0.6 [nlrp] $                    se at the end
se   z     0.6 (?:ai|ea|oi|au|ui|ee|ow) (?:s|d)?$     se at the end after two vowels
se   s     0.8 (?:ai|ea|oi|au|ui|ee) $     se at the end, unvoiced
se   s     0.6 (?:ou|oo) $               se at the end after ou and oo
se   z     0.8 (?:ou|oo) $               se at the end, voiced
ss   s     1   V      -                    doubled consonant
sh   ʃ     1   -      -                    digraph
t    t     1   -      -                    letter
tt   t     1   V      -                    doubled consonant
tch  tʃ    0.5 V      -                    tch after a short vowel
th   θ     1   -      -                    digraph
th   ð     1.3 -      -                    digraph, voiced
ti   ʃ     0.5 -      on|al|ous|en[tc]     ti before on, al
ci   ʃ     0.5 -      al|ous|an|en[tc]     ci before al, ous
ssi  ʃ     0.5 V      on                   ssi before on
si   ʃ     0.5 [ln]   on                   si before on
si   ʒ     0.5 V      on                   si before on after a vowel
t    tʃ    0.6 V.*    ure(?:s|d)?$         t before ure
the  ð     0.5 (?:ea|oa|oo)  (?:s|d)?$      the at the end
v    v     1   -      -                    letter
ve   v     0.6 (?:ea|ee|ie|oo|oa|ai|ei|au|[lr])  s?$  ve at the end
ce   s     0.6 (?:oi|ie|ea|ou|au|ee|ui|[nlr])  (?:s|d)?$       ce at the end
ze   z     0.6 (?:ee|oo|ai|au|[nr])  $        ze at the end
w    w     1   ^|C    V                    letter
w    w     1   V      V                    letter
wh   w     0.8 ^      -                    wh
wr   r     0.5 ^      -                    silent letter
x    k+s   1   V|n    -                    x
x    z     1   ^      -                    x at the start
y    j     1   ^      V                    y at the start
y    j     1   [^aeiouy] [aou]             y before a vowel
z    z     1   -      -                    letter
zz   z     1   V      -                    doubled consonant
ed   t     0.4 V.*(?:[pkfxc]|sh|ch|[^aeiou]s)  $   past tense after an unvoiced sound
ed   d     0.5 V.*(?:[bgvzlmnrwy]|gh|dg|oo|[aeiou]s)  $      past tense after a voiced sound
ed   ɪ+d   0.4 V.*[td]  $                  past tense after t or d
es   ɪ+z   0.4 V.*(?:s|z|x|ch|sh)  $       ending after a hiss
a    æ     1   -      CLOSED               closed syllable
a    eɪ    1   C|^    OPEN                 open syllable
a    æ     1.6 C|^    OPEN                 its other sound
a    ɑː    1   -      $                    a at the end
a    ɒ     0.7 [^s]?(?:w|wh|qu)  [tnspd](?:s|$|C)|sh|tch|lt|sp|lk|mp  a after w
a    ɔː    0.6 -      ll|lk$|lks$|lt|ld    a before l
a    eɪ    0.6 (?:r|ch|m)  nge             a before nge
a    ɔː    0.9 -      lse                  a before l
a    ɪ     0.7 V.*C   ge(?:s|d)?$          age at the end of a longer word
a-e  eɪ    0.6 -      FINAL_E              final e marks the vowel
ai   eɪ    0.7 -      [^r]|$               vowel team
ay   eɪ    0.7 -      -                    vowel team
au   ɔː    0.7 -      -                    vowel team
aw   ɔː    0.7 -      [^aeiou]|ed$|ing$|$           vowel team
ar   ɑːr   0.7 -      R                    vowel and r
ar   ɔːr   0.5 (?:w|wh|qu)  R              ar after w
are  er    0.1 -      (?:s|d|ful|less|ly)?$            are
air  er    0.5 -      -                    air
al   ɑː    0.5 -      m                    alm
al   ɔː    0.5 -      k                    alk
e    e     1   -      CLOSED               closed syllable
e    iː    1   C|^    OPEN                 open syllable
e    e     1.6 C|^    OPEN                 its other sound
e    iː    1   ^C+    $                    e at the end of a short word
e-e  iː    0.6 -      FINAL_E              final e marks the vowel
ee   iː    0.7 -      [^r]|$               vowel team
ea   iː    0.7 -      [^r]|$               vowel team
ea   e     0.6 -      lth                  ea before lth
ea   e     1.3 -      [dlnt]|th|sure       ea, its other sound
ei   eɪ    1   -      -                    vowel team
eigh eɪ    0.3 -      -                    eigh
eu   uː    1   -      -                    vowel team
ew   uː    0.7 [rljsn]|ch  -               ew
ew   j+uː  0.7 [fphkmvcbtd]  -             ew
ew   uː    1   [td]   -                    ew without its glide
ey   iː    0.8 C      s?$                  ey at the end
eer  ɪr    0.5 -      -                    vowel and r
ear  ɪr    0.5 -      -                    vowel and r
ear  ɜːr   0.4 -      [lnc]|th             ear before another consonant
ear  er    1.3 -      -                    ear, its other sound
er   ɜːr   0.7 -      R                    vowel and r
ere  ɪr    0.5 -      $                    ere
i    ɪ     1   -      CLOSED               closed syllable
i    aɪ    1   C|^    OPEN                 open syllable
i    ɪ     1.5 C|^    OPEN                 its other sound
i    aɪ    1   ^C*    $                    i at the end of a short word
i    iː    1   V.*C   $                    i at the end
i    aɪ    0.6 -      nd(?:s|er|ing)?$|ld(?:s|er)?$  i before nd and ld
i    aɪ    0.6 -      gn                   i before gn
i-e  aɪ    0.6 -      FINAL_E              final e marks the vowel
ie   aɪ    0.7 ^C+    (?:s|d)?$            ie at the end of a short word
ie   iː    0.8 -      (?!s$|d$|r)[a-z]     ie inside
ier  ɪr    0.5 -      -                    vowel and r
igh  aɪ    0.3 -      -                    igh
ir   ɜːr   0.7 -      R                    vowel and r
o    ɒ     1   -      CLOSED               closed syllable
o    oʊ    1   C|^    OPEN                 open syllable
o    ɒ     1.6 C|^    OPEN                 its other sound
o    oʊ    1   -      $                    o at the end
o    oʊ    1.3 -      st$|th$              o before st and th
o    oʊ    0.9 ^(?:m|p|h|gh)  sts?$         o before st
o    oʊ    0.9 ^(?:b|sl)  ths?$             o before th
o    oʊ    0.6 -      ld|ll(?:s|ed|ing)?$|lt   o before l
o-e  oʊ    0.6 -      FINAL_E              final e marks the vowel
oa   oʊ    0.7 -      [^r]|$               vowel team
oe   oʊ    0.7 -      s?$                  oe at the end
oi   ɔɪ    0.7 -      -                    vowel team
oy   ɔɪ    0.7 -      -                    vowel team
oo   uː    0.7 -      [^rk]|$              vowel team
oo   ʊ     0.7 -      k                    oo before k
oo   ʊ     0.6 ^(?:g|w|h|st)  d(?:s|y)?$      oo before d
oo   ʊ     0.6 ^[fs]  t(?:s|y)?$          oo before t
oo   ʊ     0.6 ^w     l                    oo before l
oo   ʊ     1.4 -      d|t                  oo, its other sound
ou   aʊ    0.7 -      [^rl]|$              vowel team
ou   oʊ    0.7 -      l                    ou before l
ou   aʊ    0.9 -      r(?:s|ed)?$|l(?:s|ed)?$  ou before r and l, its other sound
ow   aʊ    0.7 -      [nlsd]|er|$          ow
ow   oʊ    0.6 (?:[bfgs]l|[gct]h?r|sh|kn|sn|^l)  (?:s|ed|th)?$  ow after l, r, n or sh
ow   oʊ    0.6 ^(?:gr|thr|bl|fl|kn|sh)  n$     own after l, r, n or sh
ow   oʊ    0.6 ^|^m|^s    n(?:s|ed)?$          own
ow   oʊ    0.8 -      -                    ow, its other sound
or   ɔːr   0.7 -      R                    vowel and r
or   ɔːr   1.4 -      V                    vowel and r before another vowel
or   ɜːr   0.5 w      (?!n)(?:$|[^raeiouy])                    or after w
ore  ɔːr   0.5 -      (?:s|d|less)?$            ore
oar  ɔːr   0.5 -      -                    vowel and r
oor  ɔːr   0.5 -      -                    vowel and r
our  ɔːr   0.6 -      -                    our
u    ʌ     1   -      CLOSED               closed syllable
u    uː    1   [rljs]|ch|sh OPEN            open syllable
u    j+uː  1   [^rljs]|^    OPEN            open syllable
u    ʌ     1.6 C|^    OPEN                 its other sound
u    uː    1   -      $                    u at the end
u-e  uː    0.6 [rljsnt]|ch|sh|d FINAL_E     final e marks the vowel
u-e  j+uː  0.6 [fphkmvcbg]|^   FINAL_E     final e marks the vowel
ue   uː    0.7 -      (?:s|d)?$                  ue at the end
ui   uː    0.8 -      [^l]                 vowel team
ur   ɜːr   0.7 -      R                    vowel and r
ure  ər    0    t      (?:s|d)?$            ture
ure  j+ʊr  0.1 -      (?:s|d|ly)?$         ure
y    aɪ    0.7 ^C+    ing$                 y before ing
y    aɪ    1   ^C+    $                    y at the end of a short word
y    iː    1   V.*C   $                    y at the end
y    ɪ     1   C      CLOSED               y inside
y    aɪ    1   C      OPEN                 open syllable
y-e  aɪ    0.6 C|^    FINAL_E              final e marks the vowel
augh ɔː    0.3 -      t                    augh
ough ɔː    0.3 -      t                    ough
`;
