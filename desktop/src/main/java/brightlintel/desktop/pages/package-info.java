/** The pages of a file, side by side, before any is taken. */
package brightlintel.desktop.pages;
