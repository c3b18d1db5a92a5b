package app.gradior.method;

/** What the words of a method say of a stage, over {@link Norm}. */
enum StageCue {
    /** It goes in near the end. */
    LATE("\\blast (?:few |couple of |\\d+ )?(?:minute|min)\\b"),
    /** What is taken off is not a piece of it: skins, scum, or the pot from the heat. */
    SOLIDS(
            "\\b(?:solid|what stay|what is left|skin|seed|stem|stone|scum|foam|froth|grit|soaking|off the heat|from the heat|heat and|from heat)\\b"),
    /** Until it looks, smells or feels so. */
    LOOKS(
            "\\b(?:until|till|til) .*\\b(?:soft|brown|golden|gone|smell|thick|dark|collapse|collapsed|tender|clear|dry|done|melt|melted|bit|set|crisp|color|colour|dissolve|silky|smooth|popped|pop)\\b"),
    /** The pot goes back on. */
    BACK_ON("\\b(?:back|return it|return the pan) (?:on|to) (?:the |a |to )?(?:\\w+ )?heat\\b"),
    /** It is stirred in. */
    STIRRED_IN("\\b(?:whisk|swirl|beat|stir) (?:it|them|that|this) (?:all )?in\\b"),
    /** What goes back is the sauce, or the pot. */
    PULP("\\b(?:pot|pan|saucepan|heat|puree|sauce|it|liquid|everything|liquor|skillet|stove)\\b"),
    /** Something that can be lifted out: a leaf, a stick, bones, meat. */
    PIECE(
            "\\b(?:bay|leaf|thyme|rosemary|herb|sprig|stalk|stick|peel|cinnamon|star anise|anise|bone|bacon|wing|sage|spice|bag|bundle"
                    + "|lemongrass|garlic|clove|carcass|chicken|meat|lardon|zest|strip|bouquet|pod|chorizo|sausage|mushroom|shell|rind|kombu)\\b"),
    /** What one must not. */
    DO_NOT("^(?:do not|dont|never)"),
    /** Through a sieve, without a word for it. */
    PUSHED_THROUGH("\\bpu(?:sh|ss)\\b.*\\bthrough\\b"),
    /** What one may take out, or leave. */
    ONE_MAY("^(?:or )?(?:you|i) (?:can|could)\\b"),
    /** Several of them. */
    THEM("\\b(?:them|those)\\b"),
    /** It comes out. */
    IT_OUT("\\b(?:take|lift|scoop|fish|get) it out\\b"),
    /** Done beside the pot before it goes in, or kept from it. */
    KEPT_BESIDE("^(?:soak|save|reserve|weigh your|weigh the)\\b"),
    /** More is said of the time it takes. */
    MORE_OF_IT("\\bmore\\b|^(?:which|about|around)\\b"),
    /** Until when, and nothing else. */
    UNTIL("^(?:until|till|til)\\b");

    private final AtWords words;

    StageCue(String words) {
        this.words = new AtWords(words);
    }

    boolean isIn(String norm) {
        return words.isIn(norm);
    }
}
