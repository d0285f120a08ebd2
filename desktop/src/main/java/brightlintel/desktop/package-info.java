/** The window. One package for each thing the user sees; state, tools and words know no toolkit types. */
package brightlintel.desktop;
