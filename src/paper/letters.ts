/** Advance widths of the product's letters, thousandths of the type's height, from the blank to the tilde (ASCII). */
// biome-ignore format: a table
const REGULAR: readonly number[] = [
  280, 286, 301, 651, 592, 919, 731, 160, 299, 299, 485, 606, 210, 362, 210, 387, 648, 407, 548,
  576, 614, 588, 598, 510, 615, 595, 210, 210, 553, 628, 553, 480, 778, 626, 613, 645, 669, 569,
  552, 694, 694, 392, 512, 631, 541, 824, 693, 714, 592, 724, 614, 592, 558, 690, 593, 856, 623,
  575, 607, 317, 387, 344, 552, 372, 243, 525, 566, 485, 564, 538, 314, 558, 550, 252, 245, 492,
  262, 845, 550, 548, 566, 574, 349, 471, 326, 540, 461, 684, 481, 449, 460, 344, 237, 344, 555,
]
// biome-ignore format: a table
const BOLD: readonly number[] = [
  312, 303, 390, 765, 610, 969, 725, 210, 335, 335, 485, 595, 271, 373, 272, 440, 659, 440, 579,
  600, 624, 607, 626, 537, 624, 571, 272, 272, 569, 612, 569, 547, 781, 678, 643, 658, 688, 597,
  566, 718, 701, 424, 561, 663, 552, 858, 717, 746, 629, 756, 650, 610, 607, 686, 644, 886, 685,
  650, 618, 340, 440, 344, 582, 400, 288, 552, 596, 510, 596, 563, 365, 593, 571, 300, 259, 555,
  318, 882, 571, 576, 596, 599, 376, 508, 376, 567, 530, 740, 539, 521, 505, 381, 254, 381, 537,
]

const FIRST = 32
/** Of any other letter: as wide as the widest that text is made of. */
const OTHER = 640

/** How wide text is when it is set in the product's letters, in the unit of the size. Pairs of letters are not drawn closer. */
export function widthOf(text: string, size: number, bold = false): number {
  const widths = bold ? BOLD : REGULAR
  let all = 0
  for (const letter of text.normalize('NFD').replace(/\p{M}/gu, ''))
    all += widths[(letter.codePointAt(0) as number) - FIRST] ?? OTHER
  return (all * size) / 1000
}
