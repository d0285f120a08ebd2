/** Hands the model over as IFC4 in the text form of ISO 10303-21. No view definition is claimed. */
package brightlintel.write.ifc;
