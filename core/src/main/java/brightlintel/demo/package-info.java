/** The made-up Heron Quay Rowing Club: its truth, and the faulty drawings that a designer would receive of it. */
package brightlintel.demo;
