/** What board and space share: a picture of our own shown as one image, and work put off to the next turn of the window. */
package brightlintel.desktop.frame;
