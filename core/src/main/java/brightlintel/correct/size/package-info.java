/**
 * How many metres a drawing unit is. Each source of evidence gives opinions; an opinion is a bounded log-likelihood over the factor, so
 * that no single source, however loud, drowns the others. They are added for each candidate (the units that people draw in, what written
 * measures agree on, the scales of sheets), and the best is taken with its distance to the runner-up as confidence. Where that is small,
 * where nothing that can be measured speaks, or where what can be measured contradicts the best, the answer is "unsure".
 */
package brightlintel.correct.size;
