/** Every formula as something that can be asked with numbers, and the pages that explain it. */
package truekeen.core.reference;
