/** What lies on a sheet: its plans, elevations, sections, details, legends and frame, each with its title (docs/clear.md). */
package brightlintel.sheet;
