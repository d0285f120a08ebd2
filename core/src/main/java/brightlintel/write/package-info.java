/** What is handed over, each format in a package of its own. */
package brightlintel.write;
