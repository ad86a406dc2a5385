/** Kitchen and bath. From memory: built-in units of 60 cm (EN 1116), worktops at 0.86 to 0.92 m, data sheets of appliances. */
export const KITCHEN = `
kitchen islands | 175 91 90 | 1.3 1.35 | island kitchen_island
kitchens | 280 215 65 | 1.3 1.5 | kitchen_set kitchenette fitted_kitchen kitchen_unit küchenzeile
base units | 62 87 60 | 1.2 1.4 | base_unit base_cabinet kitchen_cabinet kitchen_cupboard
wall units | 62 70 35 | 1.25 1.4 | wall_unit wall_cabinet hanging_cabinet upper_cabinet
worktops | 180 4 62 | 1.5 1.6 | tabletop worktop countertop table_top
counters | 180 98 65 | 1.4 1.4 | counter bar_counter reception_desk theke
fridges | 66 165 68 | 1.2 1.25 | refrigerator refridgerator fridge kühlschrank frigo frigorifero nevera geladeira réfrigérateur fridge_freezer
double fridges | 91 178 72 | 1.1 1.2 | double_fridge american_fridge side_by_side_fridge
freezers | 75 95 65 | 1.35 1.4 | freezer gefrierschrank deep_freezer
minibars | 42 55 45 | 1.2 1.25 | minibar mini_fridge minifridge
dishwashers | 60 84 60 | 1.1 1.12 | dishwasher lave_vaisselle spülmaschine lavastoviglie
washing machines | 60 86 60 | 1.12 1.15 | washing_machine washer lavatrice waschmaschine lavadora dryer tumble_dryer clothes_dryer laundry_machine
microwave ovens | 50 29 38 | 1.15 1.2 | microwave mikrowelle micro_onde microonde microondas microwave_oven
ovens | 60 62 58 | 1.2 1.25 | oven backofen forno horno built_in_oven
hobs | 60 6 52 | 1.25 1.5 | hob cooktop kochfeld stovetop
stoves | 62 90 62 | 1.25 1.25 | stove cooker range herd cuisinière fogão cocina gas_stove kitchen_stove
wood stoves | 55 85 48 | 1.3 1.4 | wood_stove woodstove fireplace_stove pellet_stove kachelofen
cooker hoods | 75 70 48 | 1.3 1.5 | hood cooker_hood range_hood extractor_hood kitchen_hood dunstabzug
sinks | 72 35 50 | 1.5 1.9 | sink lavello évier kitchen_sink fregadero spüle
wash basins | 58 40 47 | 1.35 1.9 | washbasin basin lavabo waschbecken wash_basin vanity_sink pedestal_sink bathroom_sink hand_basin
toilets | 38 74 66 | 1.15 1.25 | toilet wc toilette inodoro water_closet klo toilet_bowl
urinals | 36 58 34 | 1.25 1.35 | urinal
bidets | 37 40 56 | 1.15 1.3 | bidet
bath tubs | 78 58 172 | 1.15 1.3 | bathtub bath tub badewanne baignoire vasca bañera banheira
whirlpools | 195 88 195 | 1.25 1.3 | jacuzzi hot_tub whirlpool spa
shower cabins | 92 208 92 | 1.15 1.25 | shower shower_cabin dusche douche doccia ducha shower_cubicle shower_stall
shower screens | 92 195 6 | 1.15 1.6 | shower_screen shower_door
shower heads | 22 24 14 | 1.6 1.7 | shower_head showerhead
taps | 14 24 18 | 1.5 1.5 | tap faucet wasserhahn robinet rubinetto grifo torneira mixer_tap
towel rails | 55 75 10 | 1.5 1.45 | towel_rack towel_rail towel_radiator towel_holder towel_bar
towels | 55 70 6 | 1.6 1.6 | towel handtuch serviette asciugamano toalla
toilet paper | 11 11 11 | 1.2 1.3 | toilet_paper toilet_roll paper_roll kitchen_roll
toilet brushes | 11 38 11 | 1.2 1.25 | toilet_brush
coffee machines | 30 36 36 | 1.3 1.25 | coffee_machine coffee_maker espresso_machine kaffeemaschine coffeemaker
toasters | 29 20 18 | 1.2 1.3 | toaster grille_pain tostapane
kettles | 22 24 17 | 1.25 1.25 | kettle wasserkocher bouilloire bollitore teapot teekanne théière
blenders | 20 40 20 | 1.2 1.25 | blender mixer liquidiser
food mixers | 36 35 22 | 1.2 1.25 | stand_mixer food_mixer food_processor kitchen_mixer
juicers | 22 34 24 | 1.3 1.3 | juicer squeezer
kitchen scales | 20 8 22 | 1.3 1.8 | kitchen_scale kitchen_scales
pots | 28 18 24 | 1.45 1.4 | pot saucepan casserole kochtopf marmite pentola olla panela cooking_pot stockpot
pans | 42 9 27 | 1.3 1.6 | pan frying_pan skillet pfanne poêle padella sartén frigideira wok
knives | 3 2.5 26 | 1.4 1.35 | knife messer couteau coltello cuchillo faca dagger kitchen_knife
forks and spoons | 4 2.5 20 | 1.3 1.6 | fork spoon gabel löffel cucchiaio cuchara teaspoon ladle spatula cutlery whisk
knife blocks | 14 26 22 | 1.25 1.4 | knife_stand knife_block knife_holder
chopping boards | 38 2 25 | 1.35 1.5 | cutting_board chopping_board schneidebrett
bottles | 8 28 8 | 1.35 1.3 | bottle flasche bouteille bottiglia botella garrafa wine_bottle beer_bottle champagne
jars | 11 16 11 | 1.6 1.4 | jar carafe decanter jug pitcher krug einmachglas canister
cups | 11 9.5 8.5 | 1.25 1.3 | cup mug tasse tazza taza xícara becher beaker coffee_cup teacup
glasses to drink from | 7.5 14 7.5 | 1.4 1.4 | glass goblet wineglass wine_glass tumbler chalice drinking_glass champagne_glass copa
plates | 25 2.6 25 | 1.3 1.4 | plate saucer teller assiette piatto plato prato dish
bowls | 22 9 22 | 1.5 1.4 | bowl schüssel bol ciotola cuenco tigela salad_bowl fruit_bowl
trays | 44 5 32 | 1.3 1.6 | tray tablett plateau vassoio bandeja
bins | 32 55 32 | 1.6 1.35 | trash_can trashcan wastebasket waste_bin dustbin bin trash garbage_can mülleimer poubelle cestino papelera rubbish_bin trash_bin waste_basket garbage
wheeled bins (EN 840: 0.48 × 0.93 × 0.55 m for 120 l) | 58 105 70 | 1.15 1.2 | wheelie_bin wheeled_bin garbage_bin
laundry baskets | 42 55 38 | 1.3 1.35 | laundry_basket hamper
ironing boards | 40 90 135 | 1.15 1.6 | ironing_board bügelbrett
irons | 12 14 28 | 1.15 1.2 | iron bügeleisen flat_iron clothes_iron
vacuum cleaners | 30 42 42 | 1.5 1.6 | vacuum_cleaner vacuum hoover staubsauger
brooms | 30 132 10 | 1.2 1.45 | broom besen balai scopa escoba mop
buckets | 30 30 30 | 1.3 1.25 | bucket eimer seau secchio balde pail
clothes dryers | 60 105 160 | 1.4 1.6 | clothes_rack drying_rack laundry_rack clothes_airer
`;

/** Things at hand. From memory. */
export const THINGS = `
shoes | 20 11 28 | 1.25 1.7 | shoe sneaker sandal slipper schuh chaussure scarpa zapato shoes high_heel
boots | 22 30 29 | 1.35 1.6 | boot stiefel botte boots
hats | 30 16 30 | 1.25 1.45 | hat hut_kopf chapeau cappello sombrero cap_hat baseball_cap
spectacles | 14.5 4.8 14 | 1.15 1.5 | glasses_frame sunglasses spectacles eyeglasses brille
watches | 4.5 9 7 | 1.4 1.9 | watch wristwatch armbanduhr
suitcases | 45 66 26 | 1.35 1.4 | suitcase luggage koffer valise valigia maleta mala briefcase
bags | 38 42 20 | 1.4 1.5 | backpack rucksack handbag bag tasche sac borsa bolso sacola school_bag schoolbag satchel
umbrellas | 100 88 100 | 1.25 1.7 | umbrella regenschirm parapluie ombrello
sunshades | 280 245 280 | 1.2 1.35 | parasol sunshade sonnenschirm beach_umbrella patio_umbrella garden_umbrella
clothes on hangers | 46 95 12 | 1.4 1.4 | coat suit dress shirt jacket clothes_hanger coat_hanger t_shirt tshirt trousers pants skirt
hangers | 43 22 3 | 1.12 1.35 | hanger kleiderbügel cintre
books | 16 23 3 | 1.45 1.45 | book buch livre libro livro notebook_paper diary
rows of books | 45 25 19 | 1.9 1.7 | books books_row book_stack bücher livres libri comics
papers (ISO 216: A4 is 0.21 × 0.297 m) | 21 1 29.7 | 1.35 2 | magazine newspaper letter invoice paper sheet document envelope magazines
pens | 1.2 1.2 15 | 1.2 1.6 | pen pencil stift crayon penna lápiz ballpoint brush paintbrush
scissors | 8 1.5 19 | 1.3 1.6 | scissors schere
keys | 2.5 0.6 6.5 | 1.35 1.4 | key schlüssel clé chiave llave
coins (euro: 16 to 26 mm) | 2.4 0.3 2.4 | 1.25 1.6 | coin münze pièce moneta moneda
playing cards (poker size of 63 × 88 mm, common practice, no source) | 6.3 0.5 8.8 | 1.15 2 | playing_card card
monitors | 58 44 20 | 1.25 1.4 | monitor screen computer_screen bildschirm écran schermo display
television sets | 105 64 14 | 1.45 1.5 | tv television fernseher télévision televisione televisor televisão flat_screen smart_tv
old television sets | 58 48 46 | 1.3 1.3 | crt_tv old_tv vintage_tv retro_tv
projectors | 34 12 27 | 1.4 1.5 | projector beamer
projection screens | 200 165 8 | 1.4 1.5 | projector_screen projection_screen
portable computers | 34 23 25 | 1.15 1.7 | laptop notebook macbook ultrabook
computers | 20 44 45 | 1.3 1.4 | computer pc desktop_computer computer_case rechner ordinateur pc_case computer_tower
computers with screen and keyboard | 85 52 62 | 1.4 1.5 | computer_set workstation_pc desktop_pc
keyboards | 44 3.5 15 | 1.2 1.6 | computer_keyboard keyboard tastatur clavier tastiera teclado
mice | 6.5 4 11.5 | 1.2 1.25 | computer_mouse mouse_pc
hand-held devices | 7.4 1.2 15 | 1.2 1.5 | phone smartphone cell_phone cellphone mobile_phone handy iphone
tablets | 18 1.2 25 | 1.2 1.5 | tablet ipad
telephones | 20 12 20 | 1.35 1.45 | telephone telefon téléphone telefono desk_phone old_phone
game consoles | 32 8 26 | 1.4 1.9 | game_console games_console
controllers | 16 7 11 | 1.2 1.4 | gamepad controller joystick
remote controls | 4.8 2.2 18 | 1.25 1.4 | remote remote_control fernbedienung
printers | 44 28 40 | 1.35 1.4 | printer drucker imprimante stampante impresora scanner
copiers | 65 112 68 | 1.2 1.3 | photocopier copier
routers | 22 12 16 | 1.4 1.9 | router modem switch_network wifi_router
servers (EIA-310: racks of 0.60 × 2.0 m) | 62 200 95 | 1.15 1.3 | server_rack server_cabinet network_rack
loudspeakers | 24 50 28 | 1.8 1.6 | speaker loudspeaker lautsprecher altoparlante altavoz subwoofer woofer
radios | 30 19 13 | 1.5 1.5 | radio boombox
record players | 45 16 36 | 1.2 1.5 | turntable record_player gramophone plattenspieler
hi-fi sets | 43 14 35 | 1.25 1.8 | amplifier stereo hifi receiver dvd_player cd_player
headphones | 18 20 9 | 1.2 1.4 | headphones headset headphone kopfhörer
microphones | 5.5 18 5.5 | 1.5 1.6 | microphone mikrofon
cameras | 13 9 8 | 1.35 1.5 | camera kamera appareil_photo fotocamera camcorder
security cameras | 10 14 20 | 1.6 1.7 | security_camera cctv surveillance_camera
tripods | 70 140 70 | 1.3 1.5 | tripod stativ
clocks | 30 34 9 | 1.7 1.7 | clock uhr horloge orologio reloj relógio wall_clock
alarm clocks | 12 13 7 | 1.4 1.5 | alarm_clock wecker
grandfather clocks | 50 205 30 | 1.15 1.3 | grandfather_clock longcase_clock pendulum_clock standuhr
fans | 44 70 36 | 1.7 1.7 | fan ventilator ventilateur ventilatore desk_fan standing_fan
ceiling fans | 125 40 125 | 1.2 1.5 | ceiling_fan
air conditioners | 85 32 26 | 1.35 1.7 | air_conditioner air_conditioning klimaanlage aircon
radiators | 95 60 12 | 1.5 1.35 | radiator heater heizkörper radiateur termosifone
boilers | 48 85 42 | 1.4 1.5 | boiler water_heater geyser
fire extinguishers (EN 3: 6 kg about 0.52 m high) | 18 50 18 | 1.25 1.35 | fire_extinguisher extinguisher feuerlöscher
first-aid boxes | 34 26 14 | 1.4 1.5 | first_aid first_aid_kit
switches and sockets (DIN 49075: frames of 80 mm) | 8.2 8.2 2.5 | 1.5 1.8 | light_switch power_socket outlet power_outlet wall_socket
door handles | 14 16 6 | 1.6 1.9 | door_handle door_knob doorknob türgriff
vases | 18 32 18 | 1.7 1.4 | vase vaso jarrón florero urn amphora
flowerpots | 28 26 28 | 1.8 1.35 | flowerpot flower_pot planter blumentopf pflanzkübel window_box plant_pot
flowers in a vase | 32 45 32 | 1.5 1.5 | flower flowers bouquet blume fleur fiore flor rose tulip vase_flowers
statues | 50 120 45 | 2.6 1.6 | statue sculpture bust skulptur figurine_stone estatua
figurines | 8 16 7 | 1.9 1.6 | figurine trophy statuette doll puppet action_figure teddy teddy_bear plush
toys | 22 18 20 | 2 1.7 | toy toys spielzeug jouet giocattolo juguete brinquedo rubber_duck
balls (FIFA: 22 cm; FIBA: 24.6 cm) | 22 22 22 | 1.3 1.05 | ball football basketball soccer_ball volleyball
small balls (ITF: 6.7 cm; R&A: 4.27 cm) | 6 6 6 | 1.4 1.05 | tennis_ball baseball golf_ball billiard_ball
baskets | 36 28 32 | 1.6 1.5 | basket korb panier cesto cesta
boxes | 45 35 38 | 2 1.6 | box crate carton kiste boîte scatola caja caixa cardboard_box wooden_crate case
barrels | 62 92 62 | 1.25 1.2 | barrel cask fass tonneau botte_legno barril oil_drum keg drum_oil
gas bottles | 30 60 30 | 1.4 1.5 | gas_bottle gas_cylinder propane_tank
jerry cans | 34 46 17 | 1.2 1.25 | jerrycan jerry_can gas_can fuel_can
sacks | 50 70 32 | 1.4 1.6 | sack sandbag
pallets (EN 13698-1: 1.2 × 0.8 × 0.144 m) | 120 14.4 85 | 1.1 1.2 | euro_pallet pallet europalette
freight containers (ISO 668: 6.06 or 12.19 × 2.44 × 2.59 m) | 244 259 850 | 1.1 1.5 | shipping_container sea_container cargo_container freight_container container
wheelbarrows | 62 62 142 | 1.15 1.3 | wheelbarrow schubkarre brouette
shopping trolleys | 57 100 88 | 1.15 1.25 | shopping_cart shopping_trolley supermarket_cart
hand trucks | 52 125 52 | 1.25 1.4 | hand_truck sack_truck dolly trolley cart_hand
carts | 130 120 220 | 1.5 1.5 | cart wagon_horse handcart carriage kutsche carro
prams | 58 102 92 | 1.2 1.3 | pram stroller pushchair baby_carriage kinderwagen
ladders | 48 240 22 | 1.6 1.75 | ladder leiter échelle scala_pioli escalera_mano
step ladders | 48 140 85 | 1.6 1.5 | step_ladder stepladder step_stool folding_ladder
toolboxes | 46 24 23 | 1.25 1.3 | toolbox tool_box werkzeugkasten
hammers | 12 3.2 32 | 1.35 1.6 | hammer marteau martello martillo mallet
spanners | 4.5 1.8 22 | 1.5 1.35 | wrench spanner screwdriver pliers schraubenzieher schraubenschlüssel chisel
drills | 8 21 26 | 1.3 1.5 | drill power_drill bohrmaschine cordless_drill
saws | 14 4 52 | 1.4 1.45 | saw säge handsaw
axes | 18 4 60 | 1.6 1.35 | axe hatchet axt hache
shovels | 24 12 125 | 1.3 1.35 | shovel spade rake schaufel pelle hoe pitchfork
lawn mowers | 52 100 140 | 1.25 1.4 | lawn_mower lawnmower mower rasenmäher
watering cans | 20 34 44 | 1.4 1.5 | watering_can gießkanne
grills | 95 108 58 | 1.35 1.5 | grill barbecue bbq barbeque
camp fires | 85 40 85 | 1.5 1.6 | campfire fire_pit firepit bonfire
tents | 240 145 280 | 1.5 1.5 | tent zelt tente tenda_campeggio
swings | 240 205 165 | 1.4 1.5 | swing swing_set schaukel
slides | 75 200 290 | 1.3 1.6 | slide playground_slide rutsche
seesaws | 40 75 270 | 1.25 1.6 | seesaw
trampolines | 280 120 280 | 1.5 1.9 | trampoline
exercise machines | 78 142 165 | 1.25 1.5 | treadmill crosstrainer exercise_machine elliptical gym_machine multigym
exercise bicycles | 55 125 108 | 1.2 1.35 | exercise_bike exercise_bicycle spinning_bike
exercise towers | 105 210 115 | 1.2 1.4 | fitness_tower power_tower
weight benches | 65 110 150 | 1.3 1.5 | weight_bench bench_press
dumbbells | 35 16 16 | 1.5 1.5 | dumbbell hantel kettlebell
basketball hoops (FIBA: rim at 3.05 m) | 180 390 150 | 1.15 1.5 | basketball_hoop basketball_backboard
goals (FIFA Laws of the Game: 7.32 × 2.44 m) | 732 244 200 | 1.3 1.5 | soccer_goal football_goal
skateboards | 20 12 80 | 1.15 1.4 | skateboard
skis | 12 12 172 | 1.2 1.6 | ski
pianos | 148 122 64 | 1.15 1.3 | piano upright_piano klavier pianoforte
grand pianos | 150 100 185 | 1.25 1.3 | grand_piano flügel
organs | 130 115 75 | 1.5 1.5 | organ harmonium
keyboards to play | 120 14 35 | 1.3 1.45 | synthesizer synth electric_piano
guitars | 38 11 102 | 1.12 1.5 | guitar gitarre guitare chitarra guitarra bass_guitar ukulele_large
violins | 21 9 60 | 1.15 1.4 | violin geige viola fiddle
cellos | 44 122 28 | 1.15 1.5 | cello contrabass double_bass
drum kits | 165 120 150 | 1.2 1.4 | drum_kit drumset drums schlagzeug
drums | 42 40 42 | 1.6 1.6 | drum trommel djembe
trumpets | 14 14 50 | 1.4 1.7 | trumpet trombone saxophone clarinet flute
sewing machines | 40 30 19 | 1.25 1.3 | sewing sewing_machine nähmaschine
typewriters | 36 18 36 | 1.25 1.4 | typewriter schreibmaschine
cash registers | 38 38 42 | 1.25 1.4 | cash_register kasse
vending machines | 95 183 82 | 1.12 1.25 | vending_machine drinks_machine
cash machines | 60 155 75 | 1.2 1.35 | atm cash_machine
arcade machines | 68 175 85 | 1.15 1.25 | arcade_machine arcade_cabinet arcade pinball pinball_machine
jukeboxes | 85 150 65 | 1.12 1.2 | jukebox
globes | 36 45 34 | 1.5 1.4 | globe globus
microscopes | 20 36 28 | 1.25 1.3 | microscope
telescopes | 80 140 95 | 1.5 1.6 | telescope
balances | 32 30 30 | 1.5 1.8 | scale scales balance waage bathroom_scale
swords | 16 4 98 | 1.3 1.4 | sword schwert épée spada espada katana sabre
pistols | 3.5 14 20 | 1.25 1.3 | pistol gun handgun revolver pistole
long guns | 7 24 100 | 1.3 1.6 | rifle shotgun gewehr fusil machine_gun musket assault_rifle
bows | 12 6 150 | 1.3 1.5 | bow longbow crossbow
shields | 60 80 14 | 1.4 1.6 | shield schild bouclier scudo
flags | 130 90 6 | 1.8 1.7 | flag flagge drapeau bandiera bandera
signs | 62 72 8 | 1.8 1.5 | sign road_sign traffic_sign signpost schild_verkehr stop_sign
rope coils | 45 15 42 | 1.6 1.8 | rope coil rope_coil seil corde
anchors | 90 150 40 | 1.9 1.6 | anchor anker ancre
bells | 30 36 30 | 2.2 1.5 | bell glocke cloche campana
chess sets (FIDE: squares of 5.5 cm) | 42 10 42 | 1.3 1.6 | chess chessboard chess_board chess_set schach
dice | 1.8 1.8 1.8 | 1.5 1.1 | dice die würfel
lighters | 2.6 7.5 1.3 | 1.3 1.5 | lighter
ashtrays | 14 4 14 | 1.3 1.4 | ashtray aschenbecher
cigarettes | 0.8 0.8 8.4 | 1.15 1.4 | cigarette
batteries (IEC 60086-2: AA is 14.5 × 50.5 mm) | 2 5.5 2 | 1.5 1.4 | battery batterie
light bulbs (IEC 60061: E27) | 6 11 6 | 1.25 1.3 | light_bulb lightbulb glühbirne bulb
cans (drinks: 66 × 115 mm) | 6.8 11.8 6.8 | 1.2 1.25 | can beer_can soda_can tin_can dose drink_can
plugs | 5 5 7 | 1.4 1.7 | plug
torches | 4 4 17 | 1.5 1.5 | flashlight torch taschenlampe
soap dispensers | 8 17 10 | 1.35 1.5 | soap_dispenser soap
tooth brushes | 1.6 1.6 18.5 | 1.15 1.35 | toothbrush
`;

/** People. From memory. */
export const PEOPLE = `
people (DIN 33402-2: 1.54 to 1.86 m) | 55 172 32 | 1.12 1.35 | person human man woman figure mannequin character people mensch homme femme uomo donna hombre mujer pedestrian player male female
sitting people | 58 128 85 | 1.12 1.5 | sitting_person seated_person sitting_man sitting_woman
children | 40 122 26 | 1.4 1.6 | child kid boy girl kind enfant bambino niño criança
soldiers and knights | 70 180 45 | 1.12 1.5 | soldier knight warrior wizard ninja samurai pirate soldat ritter astronaut viking archer policeman fireman
babies | 28 60 20 | 1.3 1.6 | baby toddler infant
`;
