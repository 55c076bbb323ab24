package dev.steelyard.web.shop.people;

import java.util.EnumSet;
import java.util.Locale;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.thymeleaf.context.ITemplateContext;
import org.thymeleaf.engine.AbstractTemplateHandler;
import org.thymeleaf.model.ICDATASection;
import org.thymeleaf.model.ICloseElementTag;
import org.thymeleaf.model.IComment;
import org.thymeleaf.model.IOpenElementTag;
import org.thymeleaf.model.IProcessableElementTag;
import org.thymeleaf.model.IStandaloneElementTag;
import org.thymeleaf.model.IText;

/**
 * Leaves out forms and buttons whose address would refuse whoever looks at the page.
 *
 * <ul>
 *   <li>A form that is posted goes, with all that is in it. One marked {@code data-stays}, since it shows what is to be read,
 *       stays: its fields cannot be changed, and its buttons go.
 *   <li>A button with an address of its own goes by that. One that asks an editor for a change goes with the right to draft.
 *   <li>Whatever else is of no use then, such as a link to where something is made, says by {@code data-writes} which
 *       address it is for.
 * </ul>
 */
public final class ButtonsFilter extends AbstractTemplateHandler {

    /** The name under which pages know the rights of whoever looks at them. */
    static final String RIGHTS = "steelyard.held";

    private @Nullable ITemplateContext context;
    /** Shoppers and who may do everything are most of all who look at pages; nothing is left out for them. */
    private boolean everything = true;

    private @Nullable Set<Right> rights;
    private @Nullable String left;
    private int depth;
    private Right form = Right.LOOK;
    private boolean editing;

    @Override
    public void setContext(ITemplateContext templateContext) {
        super.setContext(templateContext);
        context = templateContext;
        if (templateContext.getVariable(RIGHTS) instanceof Set<?> given) {
            Set<Right> has = EnumSet.noneOf(Right.class);
            given.forEach(one -> has.add((Right) one));
            rights = has;
            everything = has.size() == Right.values().length;
        }
    }

    private boolean lacks(Right right) {
        return rights != null && !rights.contains(right);
    }

    @Override
    public void handleOpenElement(IOpenElementTag tag) {
        if (everything) {
            super.handleOpenElement(tag);
            return;
        }
        String name = name(tag);
        if (left != null) {
            depth += name.equals(left) ? 1 : 0;
            return;
        }
        if (name.equals("form")) {
            form = ofForm(tag);
            editing = tag.hasAttribute("data-edit");
            if (lacks(form) && !editing && !tag.hasAttribute("data-stays")) {
                leave(name);
                return;
            }
        } else if (isLeft(name, tag)) {
            leave(name);
            return;
        }
        super.handleOpenElement(isField(name) && lacks(form) ? disabled(tag) : tag);
    }

    @Override
    public void handleStandaloneElement(IStandaloneElementTag tag) {
        if (everything) {
            super.handleStandaloneElement(tag);
        } else if (left == null && !isLeft(name(tag), tag)) {
            boolean hidden = "hidden".equals(tag.getAttributeValue("type"));
            super.handleStandaloneElement(isField(name(tag)) && !hidden && lacks(form) ? disabled(tag) : tag);
        }
    }

    @Override
    public void handleCloseElement(ICloseElementTag tag) {
        if (everything) {
            super.handleCloseElement(tag);
            return;
        }
        String name = tag.getElementCompleteName().toLowerCase(Locale.ROOT);
        if (left != null) {
            if (name.equals(left) && --depth == 0) {
                left = null;
            }
            if (left == null && name.equals("form")) {
                form = Right.LOOK;
            }
            return;
        }
        if (name.equals("form")) {
            form = Right.LOOK;
            editing = false;
        }
        super.handleCloseElement(tag);
    }

    private void leave(String name) {
        left = name;
        depth = 1;
    }

    private static Right ofForm(IProcessableElementTag tag) {
        if (tag.hasAttribute("data-edit")) {
            return Right.DRAFT;
        }
        String action = tag.getAttributeValue("action");
        return "post".equalsIgnoreCase(tag.getAttributeValue("method")) && action != null && isOwners(action)
                ? RightsHeld.ofForm(action)
                : Right.LOOK;
    }

    /** Shoppers' addresses, and those before one is signed in, ask for no right. */
    private static boolean isOwners(String action) {
        return !action.startsWith("/counter") && !action.startsWith("/begin") && !action.startsWith("/join");
    }

    private boolean isLeft(String name, IProcessableElementTag tag) {
        String writes = tag.getAttributeValue("data-writes");
        if (writes != null) {
            return lacks(RightsHeld.ofForm(writes));
        }
        if (!name.equals("button")) {
            return false;
        }
        String action = tag.getAttributeValue("formaction");
        String wish = tag.getAttributeValue("data-do");
        if (action != null) {
            return lacks(RightsHeld.ofForm(action));
        }
        if (wish != null) {
            return lacks(wish.equals("save") ? Right.LIVE : Right.DRAFT);
        }
        return lacks(form) && (!editing || "submit".equals(tag.getAttributeValue("type")));
    }

    private static boolean isField(String name) {
        return name.equals("input") || name.equals("select") || name.equals("textarea");
    }

    private <T extends IProcessableElementTag> T disabled(T tag) {
        return context == null ? tag : context.getModelFactory().setAttribute(tag, "disabled", "disabled");
    }

    private static String name(IProcessableElementTag tag) {
        return tag.getElementCompleteName().toLowerCase(Locale.ROOT);
    }

    @Override
    public void handleText(IText text) {
        if (left == null) {
            super.handleText(text);
        }
    }

    @Override
    public void handleComment(IComment comment) {
        if (left == null) {
            super.handleComment(comment);
        }
    }

    @Override
    public void handleCDATASection(ICDATASection section) {
        if (left == null) {
            super.handleCDATASection(section);
        }
    }
}
