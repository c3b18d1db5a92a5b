package app.gradior.method;

/** What the words of somebody who talks say of an amount or a food, over {@link Norm}. */
enum TalkCue {
    /** What was said before is put right. */
    CORRECTS(
            "^no$|\\bno (?:make that|wait|sorry|hang on|i tell a lie|it|they|that|actually|not)\\b|\\bmake (?:that|it)\\b|\\bhang on\\b|\\bactually\\b|\\bi mean\\b|\\bill do\\b|\\bsorry\\b|\\btell a lie\\b|\\bcall it\\b|\\bjust (?:the )?half\\b|\\bhalf of it\\b|\\bonly (?:using|use|need|want|putting)\\b"),
    /** What one may take instead, or leave. */
    CHOICE(
            "^or\\b|\\b(?:you can|you could|can use|could use|could do|some people|if you got|if you have|if you havent|if you dont|if you like it|instead|if you want it|you might|make this with|makes this with|good too|or you|use water|you can leave)\\b"),
    /** Told late. */
    FORGOT(
            "\\b(?:forgot|forgotten|didnt say|didnt tell|havent told|not told|never said|did i say|didnt mention|should have said|i didnt)\\b"),
    /** With what it went in. */
    WENT_WITH("\\b(?:went in with|goe in with|go in with|in with|with|when|alongside|same time a)\\b(.*)"),
    /** It goes in with what is in already. */
    IN_WITH("\\bin (?:there )?with (?:the|those|that)\\b"),
    /** Something may go in. */
    PUTS(
            "\\b(?:in|first|add|put|pour|throw|thrown|tip|drop|squeeze|whisk|stir|goe|go|going|then|now|oil|little|bit|salt|pepper)\\b"),
    /** Something goes in for sure. */
    GOES_IN(
            "\\bstart(?:ing)? (?:off |out )?with\\b|\\b(?:goe|go|going|gone|put|putting|pour|add|adding|throw|tip|melt|in the pan|in the pot|in the bottom|the butter in|in it|into the (?:pan|pot)|in and|get it hot|pan on|skillet|pan is on|butter in)\\b"),
    /** What was named goes in without its name. */
    THEY_GO(
            "\\b(?:toast|fry|brown|melt|heat|cook|sear) (?:em|them|it|those)\\b|\\b(?:in (?:the |a )?(?:pan |pot |there )?(?:they|it|that|those) go|(?:that|they|it|those) (?:all )?go(?:e)?(?: straight)? in|in (?:it|they) go)"),
    /** More of what is in. */
    AGAIN("\\b(?:more|another|extra|rest)\\b"),
    /** What is needed, before it is cooked. */
    PLANS(
            "\\b(?:you need|what you need|ingredient|shopping|i have|i got|ive got|you got|what have i got|we need|on the counter)\\b"),
    /** All that was told aside goes in. */
    ALL_GO(
            "\\b(?:veg|veggie|vegetable|everything|the lot|all of (?:it|that|them)|(?:it|they|that|those) all) (?:go|goe|going|went) in\\b|^(?:all )?(?:in|into) (?:the|a|your|my) (?:\\w+ )?(?:pan|saucepan|pot|casserole)$"),
    /** It goes in, whatever amount. */
    STRONGLY("\\b(?:goe|go|going) in\\b|^(?:and )?(?:add|pour|throw|tip)\\b|\\bin goe\\b"),
    /** How much it makes, not how much goes in. */
    MAKES(
            "\\b(?:make|makes|give|gives|enough|yield|serve|one)$|\\b(?:it|that|this) (?:make|give|serve)|\\b(?:one|each)$|\\bmake about\\b"),
    /** Told late, but put in only now. */
    PUT_NOW("\\b(?:putting it in|goe in now|in now|throwing it in|going in now|throw it in now)\\b"),
    /** None of it. */
    NOT_WANTED("\\b(?:wont|doesnt|dont|didnt|shouldnt|not) (?:want|need|add|put|adding|have)\\b|\\bno salt\\b"),
    /** A part of it, or until when. */
    PORTION("\\b(?:first|at a time|to begin|to start|bit by bit|until|till|til|down to|left)\\b"),
    /** How much it makes is said next. */
    MAKES_SO_MUCH("\\b(?:enough|make you|makes you|give you|gives you|you get|youll get)\\b"),
    /** A weight or a volume. */
    WEIGHED("\\d+ (?:g|gram|ml|mil)\\b"),
    /** As much as one likes. */
    VAGUE("\\b(?:splash|glug|knob|handful|dash|bit|little|some)\\b"),
    /** An amount that stands by itself. */
    EXACT(
            "\\d.*\\b(?:g|gram|kg|kilo|ml|mil|ounce|oz|pound|lb|litre|liter)\\b|\\b(?:cup|pint|litre|liter|kilo|pound)\\b");

    private final AtWords words;

    TalkCue(String words) {
        this.words = new AtWords(words);
    }

    boolean isIn(String norm) {
        return words.isIn(norm);
    }
}
