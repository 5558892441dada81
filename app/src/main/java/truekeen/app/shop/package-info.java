/**
 * The shop: whose tools come in and who works at the bench.
 *
 * <p>Names, no accounts: whoever stands at the bench says who they are.
 *
 * <p>A name that is put right is put right in what is past too; one that is taken off the list stays there.
 */
package truekeen.app.shop;
