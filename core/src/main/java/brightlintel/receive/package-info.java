/** Files into drawings, kept by the hash of their bytes; nothing here is part of a project. */
package brightlintel.receive;
