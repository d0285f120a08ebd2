/** Edits: named functions from project to project. The name is the key of the step's word in the bundle. */
package brightlintel.edit;
