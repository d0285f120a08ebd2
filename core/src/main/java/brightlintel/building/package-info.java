/** What the user decided: a project of immutable values in metres and radians. Everything heavy is computed from it and from file bytes. */
package brightlintel.building;
