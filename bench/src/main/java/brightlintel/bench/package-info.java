/** One command, one table: see docs/performance.md. */
package brightlintel.bench;
