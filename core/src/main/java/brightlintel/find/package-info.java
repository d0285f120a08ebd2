/** Finds what is drawn: by the names that decisions keep of it, and by place. */
package brightlintel.find;
