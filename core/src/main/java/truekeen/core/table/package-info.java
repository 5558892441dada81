/** Reading of the starting tables that ship with the core. */
package truekeen.core.table;
