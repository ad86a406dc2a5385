/** Furniture. From memory: furniture catalogues; seats at 0.45 m and table tops at 0.72 to 0.80 m are common practice. */
export const FURNITURE = `
armchairs | 85 90 88 | 1.25 1.3 | armchair poltrona fauteuil recliner sessel sillón sillon butaca wing_chair club_chair lounge_chair arm_chair easy_chair
rocking chairs | 68 105 90 | 1.2 1.25 | rocking_chair rocker schaukelstuhl mecedora
chairs | 48 88 54 | 1.22 1.25 | chair sedia chaise stuhl silla cadeira seat dining_chair chairs
office chairs | 66 112 66 | 1.2 1.2 | office_chair desk_chair swivel_chair task_chair bürostuhl gaming_chair
deck chairs | 62 92 105 | 1.3 1.4 | deckchair deck_chair beach_chair liegestuhl
sun loungers | 68 55 195 | 1.2 1.8 | sunlounger sun_lounger chaise_longue chaise_lounge lounger daybed day_bed
high chairs | 52 98 58 | 1.15 1.2 | high_chair highchair hochstuhl
folding chairs | 46 82 48 | 1.15 1.2 | folding_chair camping_chair director_chair
school chairs (EN 1729-1: seats of 26 to 51 cm) | 42 76 46 | 1.3 1.2 | school_chair
wheelchairs | 64 92 105 | 1.15 1.2 | wheelchair wheel_chair rollstuhl
stools | 38 46 38 | 1.4 1.25 | stool hocker tabouret sgabello taburete banco tripod_stool footstool_chair
bar stools | 42 82 44 | 1.35 1.3 | bar_stool barstool counter_stool barhocker
footstools | 55 42 50 | 1.4 1.35 | footstool ottoman pouf pouffe hassock foot_stool footrest
bean bags | 90 75 90 | 1.4 1.35 | bean_bag beanbag
sofas | 200 82 92 | 1.3 1.3 | sofa couch divano settee canapé canape sofá loveseat chesterfield divan davenport
corner sofas | 265 82 195 | 1.25 1.4 | corner_sofa sectional corner_couch sectional_sofa
benches | 145 62 48 | 1.45 1.5 | bench panca banc bank_seat sitzbank pew park_bench garden_bench
beds | 165 85 208 | 1.3 1.4 | bed letto lit bett cama bedstead double_bed bed_frame bedframe queen_bed king_bed
single beds | 98 80 206 | 1.15 1.5 | single_bed child_bed kid_bed camp_bed twin_bed
bunk beds | 104 172 206 | 1.2 1.3 | bunk bunk_bed loft_bed etagenbett
four-poster beds | 170 205 215 | 1.2 1.25 | canopy_bed four_poster
cots | 74 95 132 | 1.2 1.3 | crib cot baby_cot cradle baby_bed babybett
bassinets | 52 85 85 | 1.3 1.4 | bassinet moses_basket
mattresses | 140 22 200 | 1.3 1.6 | mattress matratze matelas materasso colchón colchon
hammocks | 120 90 290 | 1.4 1.8 | hammock hängematte
desks | 140 76 70 | 1.3 1.3 | desk scrivania bureau schreibtisch escritorio workstation writing_desk computer_desk
secretaires | 95 115 48 | 1.3 1.3 | secretaire secretary roll_top_desk
tables | 140 75 88 | 1.5 1.35 | table tavolo tisch mesa dining_table esstisch kitchen_table conference_table
round tables | 105 75 105 | 1.4 1.2 | round_table pedestal_table
low tables | 105 44 62 | 1.4 1.45 | coffee_table couchtisch table_basse low_table cocktail_table tea_table
side tables | 48 55 46 | 1.4 1.35 | side_table end_table beistelltisch occasional_table lamp_table plant_stand
bedside tables | 47 54 40 | 1.3 1.3 | bedside nightstand night_stand bedside_table nachttisch comodino night_table bedside_cabinet
console tables | 115 80 36 | 1.3 1.35 | console_table console sofa_table hall_table
dressing tables | 105 135 45 | 1.3 1.35 | dressing_table vanity_table vanity makeup_table
bar tables | 68 107 68 | 1.25 1.35 | bar_table high_table bistro_table
folding tables | 180 74 74 | 1.3 1.35 | folding_table trestle_table
picnic tables | 180 75 155 | 1.2 1.3 | picnic_table
school desks (EN 1729-1: tops of 46 to 82 cm) | 68 74 52 | 1.25 1.3 | school_desk
billiard tables | 260 82 145 | 1.2 1.15 | pool_table billiard_table billiards snooker_table
tables for table tennis (ITTF: 2.74 × 0.76 × 1.525 m) | 274 80 152 | 1.06 1.15 | ping_pong_table table_tennis_table table_tennis pingpong
table football | 142 90 75 | 1.15 1.2 | foosball foosball_table table_football
workbenches | 150 90 65 | 1.3 1.35 | workbench work_bench werkbank bench_vise_table
bookcases | 90 180 32 | 1.35 1.4 | bookcase bookshelf bookshelves shelving libreria bücherregal bibliothèque estantería book_shelf shelving_unit
shelves | 95 28 26 | 1.5 2.2 | shelf shelves mensola regal étagère etagere estante wall_shelf
racks | 85 140 38 | 1.6 1.6 | rack storage_rack scaffale
wine racks | 60 80 30 | 1.6 1.6 | wine_rack
wardrobes | 150 205 60 | 1.25 1.4 | wardrobe armadio armoire kleiderschrank closet guarda_roupa garderobe
cupboards | 95 165 45 | 1.45 1.4 | cupboard schrank placard aparador pantry larder hutch
sideboards | 165 82 46 | 1.3 1.3 | sideboard buffet credenza kommode_lang aparador_bajo
chests of drawers | 92 92 47 | 1.35 1.35 | dresser commode chest_of_drawers kommode drawers cassettiera cómoda comoda tallboy bureau_chest drawer_unit
cabinets | 85 105 42 | 1.6 1.5 | cabinet credenza_cabinet vitrine mobile display_cabinet storage_cabinet vetrina china_cabinet showcase
filing cabinets | 46 105 62 | 1.3 1.3 | filing_cabinet file_cabinet
lockers | 40 180 48 | 1.25 1.5 | locker lockers spind
chests | 95 52 50 | 1.4 1.3 | chest trunk truhe coffre baúl treasure_chest toy_box blanket_box
safes | 50 62 48 | 1.5 1.3 | safe tresor strongbox
television benches | 155 52 42 | 1.35 1.35 | tv_stand tv_unit tv_cabinet tv_bench media_unit tv_table tv_rack entertainment_center
coat stands | 48 180 48 | 1.15 1.5 | coat_rack coat_stand coat_hanger_stand hall_tree coatrack garderobenständer hat_stand
shoe racks | 75 60 30 | 1.4 1.5 | shoe_rack shoe_cabinet shoe_shelf
umbrella stands | 26 58 26 | 1.25 1.3 | umbrella_stand umbrella_holder
magazine racks | 38 42 28 | 1.3 1.4 | magazine_rack magazine_holder
folding screens | 160 175 8 | 1.2 1.5 | folding_screen room_divider screen_divider paravent privacy_screen
fire screens | 85 72 18 | 1.25 1.6 | fire_screen fireguard fireplace_screen
mirrors | 62 95 6 | 1.6 1.4 | mirror spiegel miroir specchio espejo espelho
standing mirrors | 55 168 42 | 1.2 1.5 | standing_mirror floor_mirror cheval_mirror
pictures | 70 62 4 | 1.8 1.35 | picture painting poster bild quadro tableau cuadro photo artwork picture_frame photo_frame wall_art canvas
frames | 60 65 5 | 2 1.4 | frame rahmen cadre cornice marco
notice boards | 105 75 3 | 1.5 1.6 | notice_board whiteboard blackboard pinboard chalkboard corkboard bulletin_board
easels | 65 165 70 | 1.3 1.3 | easel staffelei
carpets | 190 2 150 | 1.5 1.5 | carpet rug teppich tapis tappeto alfombra tapete doormat door_mat bath_mat
curtains | 140 240 14 | 1.25 1.4 | curtain drape vorhang rideau tenda cortina curtains drapes
blinds | 110 140 6 | 1.4 1.4 | blind blinds venetian_blind jalousie roller_blind
cushions | 46 16 46 | 1.35 1.6 | pillow cushion kissen coussin cuscino cojín almofada throw_pillow
blankets | 140 12 180 | 1.5 1.6 | blanket duvet throw quilt bedspread decke comforter
cat trees | 55 125 50 | 1.4 1.4 | cat_tree scratching_post cat_tower
dog beds | 85 20 65 | 1.3 1.5 | dog_bed pet_bed dog_basket
lamps | 36 80 36 | 2.2 1.6 | lamp lampe lampada lantern lámpara lampara luminaria leuchte light lampadaire
floor lamps | 44 158 44 | 1.15 1.35 | floor_lamp standing_lamp stehlampe floorlamp torchiere
table lamps | 30 50 30 | 1.3 1.35 | desk_lamp table_lamp tischlampe bedside_lamp desklamp tablelamp reading_lamp
hanging lamps | 42 70 42 | 1.7 1.8 | ceiling_lamp pendant_lamp pendant_light ceiling_light hanging_lamp pendant suspension hängelampe ceilinglamp
chandeliers | 75 80 75 | 1.45 1.4 | chandelier kronleuchter lustre lampadario
wall lamps | 18 28 18 | 1.5 1.6 | wall_lamp sconce wall_light applique wandlampe walllamp
spotlights | 14 18 14 | 1.7 1.5 | spotlight spot_light downlight track_light
lamp shades | 34 25 34 | 1.5 1.4 | lamp_shade lampshade lampenschirm
candlesticks | 11 26 11 | 1.7 1.5 | candlestick candle_holder candelabra candelabrum chandelier_candle kerzenständer
candles | 6 14 6 | 1.6 1.6 | candle kerze bougie candela vela
`;
