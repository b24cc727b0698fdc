/**
 * Which letters of a grapheme say nothing, by correspondence: data only. "kn=n 0" reads: of kn said /n/ the
 * first letter (counted from 0) is silent. A final e that belongs to a consonant (have, dance) is silent
 * wherever it stands and has no line here. Common practice, no source.
 */
export const SILENT_LETTERS: ReadonlyMap<string, readonly number[]> = new Map(
  `kn=n 0, gn=n 0, wr=r 0, rh=r 1, mb=m 1, mn=m 1, mn=n 0, bt=t 0, pt=t 0, ct=t 0, cht=t 0 1, lk=k 0,
   pb=b 0, gh=g 1, gu=g 1, gue=g 1 2, que=k 1 2, kh=k 1, sch=s+k 2, ft=f 1, sc=s 1, ps=s 0, st=s 1, sw=s 1, cz=z 0,
   si=z 1, sth=z 1 2, wh=h 0, gm=m 0, pn=n 0, nd=n 1, dne=n 0 2, nd=ŋ 1, ngue=ŋ 2 3, sl=l 0, sle=l 0 2,
   xc=k+s 1, xh=g+z 1, ho=ɒ 0, hou=aʊ 0, heir=er 0, her=ɜːr 0, al=æ 1, al=ɔː 1, al=ɑː 1, ol=oʊ 1, oul=ʊ 2, igh=aɪ 1 2,
   eigh=eɪ 2 3, eigh=aɪ 2 3, aigh=eɪ 2 3, augh=ɔː 2 3, ough=ɔː 2 3, ough=oʊ 2 3, ough=uː 2 3, ough=aʊ 2 3,
   ah=ɑː 1, oh=oʊ 1, wo=uː 0, ui=ɪ 0, et=eɪ 1, ot=oʊ 1, ut=j+uː 1, is=iː 1, gn=n+j 0`
    .split(",")
    .map((line) => {
      const [gpc = "", ...letters] = line.trim().split(" ");
      return [gpc, letters.map(Number)] as const;
    }),
);
