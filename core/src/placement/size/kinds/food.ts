/** What is eaten and drunk, and what it is made in. From memory: things at hand. */
export const FOOD = `
burgers and sandwiches | 11 8 11 | 1.3 1.5 | burger hamburger sandwich cheeseburger hot_dog taco kebab panini
pizzas | 31 3 31 | 1.25 1.7 | pizza_whole pizza_pie
slices of pizza and cake | 9 5 15 | 1.4 1.6 | pizza_slice cake_slice slice_of_pizza pie_slice
doughnuts and buns | 9.5 5 9.5 | 1.4 1.5 | donut doughnut muffin cupcake bun croissant brötchen cookie biscuit keks pretzel bagel
bars of chocolate | 8 1.2 16 | 1.4 1.5 | chocolate chocolate_bar schokolade candy_bar chocolat cioccolato
sweets | 3 2 4 | 1.7 1.6 | candy sweet lollipop bonbon caramel gummy
ice creams | 7 17 7 | 1.3 1.4 | ice_cream eis_waffel ice_cream_cone popsicle glace_cone gelato helado sorvete
eggs | 4.5 5.8 4.5 | 1.2 1.15 | egg ei œuf huevo uovo ovo easter_egg
cheeses | 18 9 18 | 2 1.6 | cheese käse fromage queso formaggio queijo
sausages and meat | 7 5 18 | 1.8 1.6 | sausage steak meat ham bacon wurst fleisch viande carne chicken_leg drumstick turkey_roast
sushi | 5 3.5 3 | 1.4 1.5 | sushi maki
root vegetables | 5 5 16 | 1.5 1.6 | carrot cucumber zucchini courgette eggplant aubergine leek radish karotte möhre gurke carotte zanahoria carota cenoura sweet_potato asparagus
round vegetables | 8 7 8 | 1.4 1.4 | potato onion garlic pepper bell_pepper avocado beet turnip kartoffel zwiebel pomme_de_terre oignon patata cebolla cipolla batata cebola paprika artichoke
heads of cabbage | 18 15 18 | 1.4 1.4 | cabbage lettuce cauliflower broccoli salad kohl salat chou laitue lechuga lattuga alface
maize | 5.5 5.5 21 | 1.4 1.5 | corn corncob maize mais
grapes | 11 9 18 | 1.4 1.5 | grape grapes trauben raisin uva
berries and cherries | 2.6 2.8 2.6 | 1.5 1.4 | strawberry cherry raspberry blueberry berry erdbeere kirsche fraise cerise fresa cereza fragola ciliegia morango cereja plum
pineapples | 13 30 13 | 1.3 1.3 | pineapple ananas piña
coconuts | 14 15 14 | 1.3 1.3 | coconut kokosnuss papaya mango grapefruit pomegranate
nuts to eat | 3 2.6 3.4 | 1.5 1.5 | walnut acorn hazelnut almond peanut nuss eichel chestnut
cartons of drink | 9 22 7 | 1.3 1.3 | milk_carton juice_carton juice_box tetrapack milk_box milk
packets of food | 19 28 7 | 1.4 1.4 | cereal cereal_box food_box chips_bag crisps snack_bag
jars and tins of food | 8 10 8 | 1.3 1.4 | jam jam_jar honey honey_jar food_can peanut_butter
pizza boxes | 33 4.5 33 | 1.15 1.5 | pizza_box
cups of paper | 8.5 12 8.5 | 1.2 1.3 | paper_cup plastic_cup coffee_to_go takeaway_cup milkshake
vacuum flasks | 8 27 8 | 1.3 1.3 | thermos thermos_flask water_bottle thermoskanne canteen sports_bottle
salt cellars | 5 10 5 | 1.5 1.5 | salt_shaker pepper_mill salt pepper_shaker salt_cellar pepper_grinder salzstreuer
sugar bowls and gravy boats | 14 10 12 | 1.4 1.5 | sugar_bowl gravy_boat creamer butter_dish
stands for cakes | 30 18 30 | 1.4 1.5 | cake_stand
colanders | 27 13 27 | 1.3 1.4 | colander strainer sieve sieb passoire
graters | 10 24 9 | 1.3 1.4 | grater reibe râpe
rolling pins | 5.5 5.5 44 | 1.2 1.4 | rolling_pin nudelholz rouleau_à_pâtisserie
corkscrews and openers | 6 3 15 | 1.4 1.6 | corkscrew bottle_opener can_opener korkenzieher
mortars and pestles | 14 15 14 | 1.4 1.4 | mortar pestle mörser mortier
racks for dishes | 42 18 34 | 1.4 1.5 | dish_rack dish_drainer
boxes for bread and lunch | 26 14 18 | 1.5 1.4 | lunchbox lunch_box bread_box bento brotdose
knives, forks and plates of a table laid | 130 25 80 | 1.5 1.8 | table_setting place_setting dinner_set tableware dishes
`;
