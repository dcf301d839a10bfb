/** The addresses that belong to items and sections, and what each one leads to. */
package app.blenner.server.item.addresses;
