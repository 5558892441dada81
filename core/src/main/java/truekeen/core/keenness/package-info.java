/** Readings along the edge, the verdict on them, and the way back where they fail. */
package truekeen.core.keenness;
