package dev.steelyard.web.shop;

import java.util.List;

/** Something of another room that Today tells the owner. */
public interface Noticed {

    /**
     * A line of Today.
     *
     * @param words what it is
     * @param path where it leads; empty for nowhere
     * @param wrong whether something is to be done about it
     */
    record Notice(String words, String path, boolean wrong) {}

    List<Notice> notices();
}
