package methodos.desktop.stores;

import methodos.core.kit.StoreList;

/** A line of the drawn stores. */
sealed interface StoreRow {

    /** What the line is about, to find it again. */
    String id();

    /** A heading over the lines of one kind. */
    record Heading(String text, String note) implements StoreRow {
        @Override
        public String id() {
            return "heading " + text;
        }
    }

    record Parts(StoreList.PartRow row) implements StoreRow {
        @Override
        public String id() {
            return row.part().id().text();
        }
    }

    record Tools(StoreList.ToolRow row) implements StoreRow {
        @Override
        public String id() {
            return row.tool().id().text();
        }
    }

    record Consumables(StoreList.ConsumableRow row) implements StoreRow {
        @Override
        public String id() {
            return row.consumable().id().text();
        }
    }
}
