package oilcloth.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Collectors;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Ingredient;
import oilcloth.recipe.Recipe;
import oilcloth.recipe.Unread;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What goes into the jar, as it is told in a line or a sentence; and what is named and goes into none. */
class IngredientLinesTest {
    private static final RecipeReader READER = new RecipeReader(GuideSnapshot.shipped());

    private static String foods(Recipe recipe) {
        return recipe.ingredients().stream()
                .filter(i -> !i.aside())
                .map(IngredientLinesTest::told)
                .collect(Collectors.joining("; "));
    }

    private static String told(Ingredient i) {
        return i.food().name()
                + i.amount().map(a -> " " + a).orElse("")
                + (i.perJar().isPresent() ? " a jar" : "");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            10 cups fresh corn cut from the cob (16 to 20 ears) | corn 10 cups
            1 1/2 cups red kidney beans, canned and drained | kidney beans, cooked 1½ cups
            2-1/2 tbsp canning or pickling salt | salt, canning 2½ Tbsp
            Vinegar (5%) - 5 cups | vinegar, white 5% 5 cups
            5 c. cider vinegar | vinegar, cider 5% 5 cups
            12 whole cloves | cloves 12
            2 cinnamon sticks | cinnamon 2 sticks
            6 garlic cloves | garlic 6 cloves
            3 lbs. peaches, peeled | peach, yellow 3 lb
            1 pint white vinegar | vinegar, white 5% 1 pint
            ½ tsp. citric acid per quart | citric acid ½ tsp a jar
            2 Tbsp bottled lemon juice to each quart | lemon juice, bottled 2 Tbsp a jar
            a cup of white grape juice | grape juice 1 cup
            Carrots sliced 6 cups | carrot 6 cups
            Corn, whole kernel ... 10 cups | corn 10 cups
            Vinegar, 5% ........ 4 cups | vinegar, white 5% 4 cups
            Golden raisins ... 2 cups | raisin 2 cups
            Light brown sugar, packed, 1 1/2 cups | sugar, brown 1½ cups
            Fresh ginger, peeled and grated ... 4 tsp | ginger 4 tsp
            10 cups corn (I cut 18 ears) | corn 10 cups
            3 cups of celery onion carrots and peppers, finely chopped | celery ¾ cup; onion ¾ cup; carrot ¾ cup; hot pepper, mixed ¾ cup
            3 cups celery 1 cup onion and 2 cups carrots | celery 3 cups; onion 1 cup; carrot 2 cups
            5 cups red sweet peppers, 5 cups green peppers, 2 cups celery. | bell pepper, green 5 cups; bell pepper, green 5 cups; celery 2 cups
            2 cups celery and as much cabbage. | celery 2 cups; cabbage 2 cups
            Add 5 cups red peppers. Then stir in 5 cups green peppers. | bell pepper, red 5 cups; bell pepper, green 5 cups
            Stir in 5 cups red sweet peppers. Add 5 cups green sweet peppers. | bell pepper, green 5 cups; bell pepper, green 5 cups
            Heat 2 cups water. Stir in 2 cups cooking water. | water 2 cups; water 2 cups
            Heat 2 cups water. Pour the 2 cups boiling water over. | water 2 cups
            4 cups vinegar (5%), 2 cups water and 2 cups cooking water. | vinegar, white 5% 4 cups; water 2 cups; water 2 cups
            2 cups ea. red, green and yellow bell peppers, 1 cup celery | bell pepper, red 4 cups; bell pepper, green 2 cups; celery 1 cup
            6 cups each sweet red + sweet green peppers | bell pepper, green 12 cups
            3 cups each carrots + cauliflower + celery | carrot 3 cups; cauliflower 3 cups; celery 3 cups
            1/2 Tbsp celery and 1 Tbsp mustard seed in each jar. | celery seed ½ Tbsp a jar; mustard seed 1 Tbsp a jar
            Raspberries for the kids' oatmeal. | raspberry
            About 3 lb of tomatoes for each lb of okra. | tomato 3 lb; okra 1 lb
            3 to 4 lb peaches = 4 cups drained pulp | peach, yellow 4 cups
            Sauce without meat (30 lb tomatoes, 1 cup onions) | tomato 30 lb; onion 1 cup
            Orange and grapefruit sections: half and half, raw. | orange; grapefruit
            Oysters opened, meats washed. | oyster
            Pickled cauliflower. 12 cups 1-2 inch florets. | cauliflower 12 cups
            Quarts. 2 Tbsp bottled lemon juice each + 1 tsp salt | lemon juice, bottled 2 Tbsp a jar; salt, table 1 tsp
            Hot pints. Bottled lemon juice, 2 Tbsp in each. | lemon juice, bottled 2 Tbsp a jar
            Hot pints. Onions and celery, 1 cup each. | onion 1 cup; celery 1 cup
            Someone said add lemon but mine are sweet. Peaches, 3 lb. | peach, yellow 3 lb
            My mother said to add 1 cup of sugar. | sugar, granulated 1 cup
            3 to 6 tablespoons chili powder (I used 4) | chili powder 3 to 6 Tbsp
            15 lb corn in the husk = 3 qt kernels | corn 3 quarts
            Lemon juice (bottled), 2 T per quart | lemon juice, bottled 2 Tbsp a jar
            1/4 cup minced lemon or orange peel | lemon peel ¼ cup
            1/4 cup minced lemon | lemon ¼ cup
            Sugar to taste (about a cup) | sugar, granulated 1 cup
            one half teaspoon of salt | salt, table ½ tsp
            Salt if you like, 1/2 teaspoon | salt, table ½ tsp
            1/2 cup jalapeños | jalapeno ½ cup
            2 cups pears, peeled and finely chopped (about 2 lb.) | pear 2 cups
            4 cups drained peach pulp (3 to 4 pounds ripe peaches) | peach, yellow 4 cups
            12 cups tomatoes (about 9 lb tomatoes and 2 lb onions) | tomato 12 cups; tomato 9 lb; onion 2 lb
            9 cups onions and peppers (4 of onion, 5 of pepper) | onion 4½ cups; hot pepper, mixed 4½ cups
            3 tbsp mustard seed (1 tsp per pint jar) | mustard seed 3 Tbsp
            2 cups olive oil and 2 of corn oil | olive oil 2 cups; vegetable oil 2 cups
            4 lb tomatoes, 2 of onions | tomato 4 lb; onion 2 lb
            a shot of rum | brandy 1 shot
            4 cups vinegar (5%), a cup of water for every cup of vinegar | vinegar, white 5% 4 cups; water 4 cups
            4 cups vinegar (5%), 1/2 cup water per cup of vinegar | vinegar, white 5% 4 cups; water 2 cups
            1 box 1 3/4 oz powdered pectin | pectin, regular powdered 1¾ oz
            cinnamon 2 sticks | cinnamon 2 sticks
            cloves 12 | cloves 12
            2 cups plus 3 Tbsp cook-type modified cornstarch | modified starch, cook-type 2.19 cups
            small okra pods (7 lb) | okra 7 lb
            tablespoon of bottled lemon juice in each jar | lemon juice, bottled 1 Tbsp a jar
            1/8 tsp ascorbic acid powder per pint | ascorbic acid ⅛ tsp a jar
            7 lb purple prunes, halved | plum 7 lb
            """)
    void aLineOfTheList(String line, String expected) {
        assertThat(foods(READER.read("Relish\n\n" + line + "\n"))).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            A melon baller is handy for the cores.
            I run a bone knife round the jar.
            In an 8-quart stock pot bring the lids to a simmer.
            The apple peeler was my mother's.
            Rims wiped w/ vinegar.
            We eat them with ham and a slice of cheese.
            They go on toast with butter.
            We eat the first jar with cottage cheese.
            Caution: do not use this process for bananas, melons or coconut.
            If desired, thicken with 1/4 cup flour; I did not.
            My sister uses hers on hot dogs.
            I stock up in August.
            We like it on eggs.
            They stay a nice orange that way.
            Cut to about the size of walnuts.
            She gave me a loaf of bread for a jar.
            I rinsed the sticky jars with vinegar water.
            You can pour cream over them.
            Date made: 8/14.
            As for the peach pie filling.
            Lard is another story; that went in the freezer.
            I add the potatoes the day I serve it.
            Chopped onion? No.
            Bread 'n' butter, my brother calls it.
            I am 83 and have been putting up sauerkraut since I was six.
            You were kind enough to look at my carrots last year.
            Odile boils hers with tomatoes but that is her business.
            They taste like candy.
            We live out by Pike Fork.
            The turkey fryer came in handy.
            We had a little extra on oatmeal.
            I wiped the rims with a paper towel dampened with vinegar.
            I use it for dumplings.
            I used to add a little ginger.
            A bushel weighs 50 pounds and yields 16 to 25 quarts.
            An average of 14 pounds is needed per canner load of 7 quarts.
            Do I need the lemon with these?
            The handout got coffee on it.
            I got chased by a goose on the way home.
            We had it on meatloaf already.
            The peppers I froze.
            My mother would've put a ham bone in but I know better now.
            I followed the peach butter recipe for the rest.
            """)
    void namedAndInNoJar(String sentence) {
        String recipe = "Pears\nFill hot pints with pears, process 20 minutes in a boiling water canner. ";
        assertThat(foods(READER.read(recipe + sentence))).isEqualTo("pear");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            Before the lid goes on I pour a quarter inch of olive oil over each. | olive oil
            A knob of butter goes in every jar. | butter
            I put a banana in each. | banana
            We tuck in a jalapeno. | jalapeno
            There is bacon in it for the taste. | bacon
            I have it with bacon in each jar. | bacon
            Each jar got a cube of ham. | ham, cured
            The goose went in with them. | chicken
            """)
    void toldInPassingAndInTheJar(String sentence, String food) {
        String recipe = "Pears\nFill hot pints with pears, process 20 minutes in a boiling water canner. ";
        assertThat(READER.read(recipe + sentence).ingredients().stream()
                        .map(i -> i.food().name()))
                .contains(food);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            We love onion so I use 4 cups of it. | onion 4 cups
            The onions were big, I put in three cups of them. | onion 3 cups
            """)
    void anAmountOfWhatWasNamedTakesThePlaceOfTheFirst(String sentence, String expected) {
        String recipe = "Corn relish\n\n10 cups corn\n1 1/4 cups onions\n5 cups vinegar (5%)\n\n";
        assertThat(foods(READER.read(recipe + sentence))).contains(expected).doesNotContain("1¼ cups");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            2 cups gloop
            a jar of Aunt Rosa's starter
            3 cups of the purple ones
            a tin of mystery mix
            """)
    void whatNobodyKnowsIsNotPassedOver(String line) {
        assertThat(READER.read("Relish\n\n5 cups vinegar (5%)\n" + line + "\n").unread())
                .anyMatch(Unread::bears);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            Soak in 1 gallon water with 1/2 cup salt overnight, drain.
            1 1/2 cups pickling lime, 1 1/2 gallons water: soak 18 hours, drain and rinse three times
            Keep the slices in a bowl of water with 1 tsp ascorbic acid.
            """)
    void waterThatIsPouredOffIsAside(String sentence) {
        assertThat(READER.read("Pickles\n\n" + sentence + "\n").ingredients().stream()
                        .filter(i -> i.food().name().equals("water")))
                .isNotEmpty()
                .allMatch(Ingredient::aside);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            2 cups dry pintos. Soak, boil. Fill pints with the hot beans. | beans, dry
            3 cups shelled peas, 2 cups corn. We put some beans in, too. | green bean
            """)
    void beansAreDryOnesOnlyBehindDryOnes(String text, String bean) {
        assertThat(READER.read("Supper\n\n" + text).ingredients().stream()
                        .map(i -> i.food().name())
                        .filter(n -> n.contains("bean")))
                .containsExactly(bean);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            textBlock =
                    """
            Green beans 1 1/2 cups blanched, onion 1/2 c sliced, white vinegar (5%) 1/2 c, sugar 3/4 c. | green bean 1½ cups; onion ½ cup; vinegar, white 5% ½ cup; sugar, granulated ¾ cup
            Beets 2 1/2 lb cooked, vinegar 5% 1 1/2 cup, sugar 3/4 cup, cloves 5, onion 2 small. | beet 2½ lb; vinegar, white 5% 1½ cups; sugar, granulated ¾ cup; cloves 5; onion 2
            Rhubarb, stewed: 10 lb stalks cut 1 inch. | rhubarb 10 lb
            25 lb cabbage. Mix 3 Tbsp canning salt into each 5 lb (3/4 cup in all). | cabbage 25 lb; salt, canning 15 Tbsp
            25 lb cabbage, 3 Tbsp canning salt for every 5 lb of the shredded cabbage. | cabbage 25 lb; salt, canning 15 Tbsp
            Apples, 6 lb tart ones, and a cup of sugar. | apple 6 lb; sugar, granulated 1 cup
            3 cups chopped sweet red peppers, 3 cups green ones. | bell pepper, red 3 cups; bell pepper, green 3 cups
            Bottled lemon juice goes in the pint jar first, one tablespoon. | lemon juice, bottled 1 Tbsp a jar
            Add bottled lemon juice to jars, 2 tablespoons per quart. | lemon juice, bottled 2 Tbsp a jar
            We picked 3 cups of any combination of celery and onions. | celery 1½ cups; onion 1½ cups
            Packed in hot pints with 1 tbsp bottled lemon juice and 1/2 t salt. | lemon juice, bottled 1 Tbsp a jar; salt, table ½ tsp a jar
            4 lb hot peppers, 3 lb sweet red and green mixed. | hot pepper, mixed 4 lb; hot pepper, mixed 3 lb
            Combine vinegar, 1/2 cup salt, sugar and 2 quarts water. | vinegar, white 5%; salt, table ½ cup; sugar, granulated; water 2 quarts
            """)
    void aListInOneSentence(String sentence, String expected) {
        assertThat(foods(READER.read("So this is what I do, in one go. " + sentence))
                        .split("; "))
                .containsExactlyInAnyOrder(expected.split("; "));
    }

    /** A list tells how much acid there is; the steps only share it out. */
    @Test
    void acidToldAgainInTheStepsIsPartOfWhatIsListed() {
        String text = "Sweet gherkins\n\n7 lb cucumbers\n6 cups vinegar (5%)\n8 cups sugar\n\n"
                + "Boil 3 cups vinegar and pour it over. On the fourth day add another 2 cups vinegar.";
        assertThat(foods(READER.read(text)))
                .contains("vinegar, white 5% 6 cups")
                .doesNotContain("3 cups");
    }
}
