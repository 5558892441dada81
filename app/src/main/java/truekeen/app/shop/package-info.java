/** The shop: whose tools come in and who works at the bench. */
package truekeen.app.shop;
