package dev.steelyard.format.table;

/** Names of OpenDocument 1.3 that are read and written. */
final class OdsNames {

    static final String OFFICE = "urn:oasis:names:tc:opendocument:xmlns:office:1.0";
    static final String TABLE = "urn:oasis:names:tc:opendocument:xmlns:table:1.0";
    static final String TEXT = "urn:oasis:names:tc:opendocument:xmlns:text:1.0";
    static final String STYLE = "urn:oasis:names:tc:opendocument:xmlns:style:1.0";
    static final String NUMBER = "urn:oasis:names:tc:opendocument:xmlns:datastyle:1.0";
    static final String MANIFEST = "urn:oasis:names:tc:opendocument:xmlns:manifest:1.0";
    /** LibreOffice's own, which tells errors from texts. */
    static final String CALC = "urn:org:documentfoundation:names:experimental:calc:xmlns:calcext:1.0";

    private OdsNames() {}
}
