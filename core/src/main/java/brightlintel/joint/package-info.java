/**
 * Solves the joints of walls: the ground each wall covers, with its neighbours taken into account.
 *
 * <p>The way: ends that meet are gathered into nodes; a wall that runs through a node lends it two spokes and stays whole; a wall crossed
 * by a
 * thicker one is parted there. Round a node the spokes are sorted by direction, and in each gap between two of them the left face of one
 * meets the right face of the next in a corner. Each wall ends between its two corners, so neighbours share edges: nothing overlaps,
 * nothing gapes, and no order of drawing can matter because none is used. What cannot be solved so (corners beyond a wall's other end,
 * parallel walls on top of each other) is cut from the thinner wall afterwards.
 */
package brightlintel.joint;
