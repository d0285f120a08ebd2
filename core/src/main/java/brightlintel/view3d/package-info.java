/** Our own small painter of bodies in space: a depth buffer, flat shades, edges, and a buffer of ids for picking. */
package brightlintel.view3d;
