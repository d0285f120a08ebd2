/**
 * Storeys in line: how one drawing of a building lies on another, whatever the unit, turn and origin of each. Plans stand square to a main
 * direction, so that a shift is two numbers that can be voted for one after the other: each pair of lines across x votes for the x that
 * would lay one on the other, and likewise for y. The best few of both are then tried together, by the length of lines that come to lie on
 * lines. Labels of grid lines, where both have them, vote first. The best must stand out from the next, or the answer is "unsure": rows of
 * alike bays lie on each other in many ways.
 */
package brightlintel.correct.line;
