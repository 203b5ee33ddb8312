/** The heart: values in, values out. Each room below has one door; see the rooms. */
package vividtrellis.core;
