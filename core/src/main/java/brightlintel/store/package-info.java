/** Project files: a zip with documented JSON and the originals byte for byte. See docs/project-format.md. */
package brightlintel.store;
