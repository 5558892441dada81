/**
 * The shop: whose tools come in and who works at the bench.
 *
 * <p>Names, no accounts: whoever stands at the bench says who they are.
 *
 * <p>A name that was changed stays as it was in what is past.
 */
package truekeen.app.shop;
