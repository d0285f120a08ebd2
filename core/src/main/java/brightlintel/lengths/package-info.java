/** Everything shown or typed as a length goes through here. */
package brightlintel.lengths;
