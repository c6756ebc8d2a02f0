/** The place Stores: parts, tools, consumables and kits, and the lists that they come from. */
package methodos.desktop.stores;
