/** JSON on standard output, one-line errors on standard error; exit 0 done, 1 refused, 2 wrong call. */
package brightlintel.cli;
