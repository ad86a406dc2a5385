/** Building. From memory: building practice; standards are named where they give the figure. */
export const BUILDING = `
doors (DIN 18101: leaves of 0.61 to 1.11 × 1.985 m) | 92 206 12 | 1.1 1.3 | door porta porte doors tür tuer puerta entrance_door front_door interior_door
double doors | 165 215 14 | 1.2 1.5 | double_door french_door french_doors sliding_door patio_door
garage doors | 260 220 14 | 1.25 1.6 | garage_door roller_door garage_gate
windows | 105 125 14 | 1.4 1.5 | window finestra fenster fenêtre fenetre ventana janela double_window
bay windows | 210 160 75 | 1.3 1.5 | bay_window
roof windows | 80 115 16 | 1.3 1.5 | roof_window skylight velux
window shutters | 55 130 6 | 1.35 1.6 | shutter shutters volet persiana fensterladen
frames of doors and windows | 95 190 14 | 1.3 1.5 | door_frame window_frame doorframe
gates | 180 160 14 | 1.6 1.6 | gate tor portail cancello portón portão
staircases (DIN 18065) | 110 285 330 | 1.3 1.6 | stair stairs staircase staircases stairway treppe escalier scala escalera escada steps
spiral staircases | 160 300 160 | 1.2 1.3 | spiral_stair spiral_stairs spiral_staircase
railings (DIN 18065: 0.90 m or higher) | 180 98 10 | 1.4 1.7 | railing balustrade banister handrail geländer balaustrade
fences | 210 120 10 | 1.6 1.7 | fence zaun clôture recinzione valla cerca picket_fence
walls | 320 250 20 | 1.7 1.6 | wall mauer mur muro wand parete
columns | 48 290 48 | 1.7 1.4 | column pillar säule colonne colonna columna
arches | 260 290 65 | 1.7 1.7 | arch archway arco
fireplaces | 140 118 46 | 1.25 1.5 | fireplace kamin cheminée camino chimenea lareira mantelpiece
chimneys | 65 160 65 | 1.8 1.6 | chimney schornstein
balconies | 280 115 135 | 1.4 1.6 | balcony balkon
awnings | 320 90 180 | 1.4 1.8 | awning markise canopy_shop marquee
bricks (DIN 105: NF is 240 × 115 × 71 mm) | 24 7.5 11.5 | 1.15 1.3 | brick ziegel brique mattone ladrillo
planks | 18 4 220 | 1.5 1.7 | plank beam brett balken planche timber
solar panels | 105 10 175 | 1.2 2 | solar solar_panel
satellite dishes | 80 90 60 | 1.6 1.5 | satellite_dish dish_antenna
antennas | 60 180 60 | 2 2.2 | antenna aerial antenne
lifts | 120 225 140 | 1.2 1.35 | elevator lift aufzug
escalators | 160 480 1100 | 1.3 1.6 | escalator
scaffolds | 260 420 110 | 1.6 1.7 | scaffold scaffolding gerüst
houses | 1050 720 950 | 1.5 1.5 | house cottage villa haus maison casa bungalow home cabin chalet farmhouse townhouse house_family detached semidetached
huts | 330 290 330 | 1.5 1.4 | hut play_house playhouse hütte cabane capanna tree_house treehouse outhouse
sheds | 320 260 280 | 1.6 1.5 | shed greenhouse garden_shed tool_shed gewächshaus serra
barns | 1600 900 1300 | 1.5 1.6 | barn scheune grange stable farm_building
farms | 4500 900 4500 | 1.6 1.8 | farm farmstead
kennels | 85 88 105 | 1.35 1.3 | dog_house doghouse kennel hundehütte
nesting boxes | 18 30 20 | 1.35 1.4 | bird_house birdhouse nesting_box bird_feeder vogelhaus
dolls’ houses | 70 75 38 | 1.4 1.4 | doll_house dollhouse
blocks of flats | 2600 2000 1600 | 1.8 1.7 | apartment apartments apartment_building flats immeuble condominium
skyscrapers | 4200 13000 4200 | 1.9 1.6 | skyscraper highrise hochhaus office_tower high_rise
buildings | 2400 1300 1800 | 2.3 1.8 | building gebäude bâtiment edificio edifício
office buildings | 3200 1900 2400 | 1.8 1.8 | office_building commercial_building
shops | 1700 700 1500 | 1.9 1.6 | shop store supermarket kiosk_building restaurant cafe retail
halls | 6000 1000 5000 | 1.9 1.4 | hall warehouse factory industrial hangar plant_building
hotels | 3600 2000 2200 | 1.8 1.7 | hotel motel
schools | 4500 1000 2500 | 1.6 1.7 | school university school_building
hospitals | 6000 1800 4000 | 1.7 1.7 | hospital
churches | 1700 2800 3600 | 1.7 1.6 | church kirche église chiesa iglesia igreja cathedral chapel
temples | 1700 1200 1900 | 1.9 1.7 | temple mosque pagoda
castles | 6000 3000 6000 | 2 1.7 | castle burg château castello castillo fortress
towers | 900 3500 900 | 2.2 1.8 | tower turm tour torre watchtower control_tower
lighthouses | 900 2600 900 | 1.8 1.6 | lighthouse leuchtturm phare faro
water towers | 1100 3300 1100 | 1.5 1.4 | water_tower
silos | 600 1500 600 | 1.8 1.7 | silo grain_silo
tanks for liquids | 1600 1100 1600 | 2.2 2 | oil_tank storage_tank oil_tanks water_tank
windmills | 1300 1900 1000 | 1.5 1.6 | windmill mühle moulin
wind turbines | 8000 12500 800 | 1.6 1.5 | wind_turbine windturbine windkraftanlage
cranes | 4500 4500 800 | 1.8 1.5 | crane kran grue gru
bridges | 700 800 5500 | 2.6 1.6 | bridge brücke pont ponte puente
piers | 300 300 5000 | 2.2 2 | pier jetty dock mole
masts | 60 900 60 | 2.2 1.8 | mast flagpole flag_pole utility_pole telephone_pole pylon power_pole
garages | 420 280 600 | 1.35 1.4 | garage carport
petrol stations | 2200 600 1600 | 1.5 1.6 | petrol_station gas_station petrolstation filling_station
petrol pumps | 80 180 50 | 1.25 1.4 | petrol_pump gas_pump fuel_pump
bus stops | 380 250 160 | 1.3 1.5 | bus_stop bus_shelter
telephone boxes | 92 245 92 | 1.12 1.15 | phone_booth telephone_box phone_box telephone_booth
letter boxes | 38 60 32 | 1.9 1.7 | mailbox letterbox letter_box post_box postbox briefkasten
street lamps | 90 520 45 | 1.6 1.6 | streetlamp streetlight lamppost street_lamp street_light lamp_post straßenlaterne
traffic lights | 45 300 50 | 1.7 1.6 | traffic_light traffic_lights ampel stoplight
traffic cones (EN 13422: 0.30 to 1.0 m) | 32 58 32 | 1.5 1.35 | traffic_cone road_cone pylone
barriers | 180 95 50 | 1.5 1.8 | barrier barricade jersey_barrier road_barrier guard_rail guardrail
hydrants | 32 80 32 | 1.3 1.4 | fire_hydrant hydrant
manhole covers | 68 8 68 | 1.2 1.4 | manhole manhole_cover
fountains | 320 240 320 | 2.2 1.8 | fountain brunnen fontaine fontana fuente
wells | 150 220 150 | 1.4 1.5 | well water_well
swimming pools | 520 150 950 | 1.8 1.7 | pool swimming_pool schwimmbad piscine piscina
gazebos | 330 320 330 | 1.35 1.4 | gazebo pavilion pergola pavillon arbor
playgrounds | 500 330 450 | 1.6 1.6 | playground climbing_frame spielplatz
gravestones | 60 95 20 | 1.4 1.6 | gravestone tombstone grabstein headstone
mooring posts | 35 70 35 | 1.6 1.5 | bollard mooring
market stalls | 260 250 200 | 1.3 1.4 | market_stall stall booth kiosk
jetways | 400 700 2500 | 1.6 1.45 | jetway passenger_bridge
oil rigs | 7000 9000 7000 | 1.6 1.6 | oil_rig oilrig drilling_rig oil_platform
stadium roofs and tents for crowds | 2400 700 3600 | 1.8 1.6 | marquee_tent circus_tent festzelt stage_roof bandstand
pyramids | 12000 8000 12000 | 2.2 1.3 | pyramid pyramide pirámide piramide
round huts and tents to live in | 480 330 480 | 1.5 1.4 | igloo yurt teepee tipi wigwam
bunkers | 900 330 900 | 1.8 1.7 | bunker pillbox_bunker air_raid_shelter
dams and locks | 9000 2400 2200 | 2.4 2 | dam staudamm weir canal_lock
factory chimneys | 420 4500 420 | 1.8 1.6 | smokestack factory_chimney cooling_tower schornstein_fabrik
monuments | 400 900 400 | 2.2 1.7 | monument obelisk memorial denkmal triumphal_arch
walls of towns and gatehouses | 1200 1000 900 | 1.9 1.7 | city_wall castle_wall gatehouse city_gate stadtmauer rampart
ruins | 1100 600 1000 | 2.2 1.8 | ruin ruins ruine rovina
chicken coops and hutches | 150 130 110 | 1.6 1.5 | chicken_coop hen_house rabbit_hutch hutch_rabbit
beehives | 50 75 50 | 1.4 1.4 | beehive hive bienenstock ruche
railway stations | 5500 1200 2400 | 2 1.8 | railway_station train_station bahnhof gare stazione estación
airport buildings | 14000 2200 6000 | 2 1.7 | airport airport_terminal flughafen
houses where work is done for all | 3200 1400 2400 | 1.8 1.6 | museum library_building police_station fire_station town_hall post_office bank_building courthouse prison rathaus mairie
cinemas and theatres | 3600 1600 3600 | 1.7 1.6 | cinema theatre theater opera_house amphitheatre kino
mansions | 2200 1300 1700 | 1.6 1.5 | mansion manor manor_house palace palast palais palazzo palacio
mills by the water | 1100 850 1100 | 1.5 1.5 | watermill water_mill sawmill
terraces of houses | 2600 900 1000 | 1.8 1.6 | row_house terrace_house townhouses reihenhaus
bases of sand and mounds | 1500 400 1500 | 2.6 2 | mound hill hügel colline collina colina
concrete blocks (EN 771-3: 390 × 190 × 190 mm) | 19 19 39 | 1.2 1.4 | concrete_block cinder_block breeze_block betonstein
paving stones (EN 1338: 200 × 100 × 80 mm) | 15 7 20 | 1.6 1.5 | paving_stone cobblestone paver pflasterstein pavé adoquín
tiles (EN 14411: 300 × 300 × 8 mm) | 40 1 40 | 1.8 1.4 | tile fliese carrelage azulejo piastrella floor_tile wall_tile
roof tiles (EN 1304: about 420 × 260 mm) | 26 7 42 | 1.2 1.5 | roof_tile dachziegel tuile teja tegola telha shingle
roofs | 900 350 900 | 1.8 1.7 | roof dach toit tetto tejado telhado
bicycle stands | 160 75 45 | 1.8 1.6 | bike_rack bicycle_rack bicycle_stand fahrradständer
parking meters | 24 140 20 | 1.3 1.5 | parking_meter parkuhr ticket_machine parking_machine
bill boards | 420 480 60 | 1.9 1.7 | billboard advertising_board litfaßsäule advertising_column
turnstiles | 95 110 95 | 1.4 1.5 | turnstile drehkreuz
boxes of newspapers | 48 110 42 | 1.3 1.4 | newspaper_box newspaper_stand
rails | 180 20 1200 | 2 2.4 | railroad_track railway_track rail_track train_track gleis schiene
railway signals | 70 480 60 | 1.6 1.6 | railway_signal rail_signal level_crossing semaphore
roads | 800 15 1600 | 2.2 2.6 | road street strasse straße route carretera strada estrada crossroad intersection
rooms | 450 270 500 | 1.4 1.5 | room interior zimmer
`;

/** Vehicles. From memory: data sheets of vehicles. */
export const VEHICLES = `
cars | 180 145 435 | 1.2 1.2 | car automobile sedan auto voiture macchina coche carro_auto coupe hatchback limousine cabriolet roadster sports_car saloon estate convertible
small cars | 162 148 345 | 1.15 1.15 | mini_car city_car smart_car kei_car
jeeps | 190 185 440 | 1.2 1.2 | jeep suv offroader pickup pick_up off_road_vehicle
formula cars | 185 100 475 | 1.15 1.25 | formula_car f1 formula formula_one
go-karts | 132 75 195 | 1.2 1.35 | kart go_kart gokart
buggies | 175 150 330 | 1.25 1.3 | buggy dune_buggy golf_cart
vans | 205 225 540 | 1.2 1.2 | van minibus transporter camper minivan ambulance motorhome campervan
trucks | 250 340 850 | 1.5 1.3 | truck lorry lkw camion autocarro caminhão fire_truck fire_engine dump_truck garbage_truck tractor_trailer tanker_truck
trailers | 230 230 650 | 1.8 1.6 | trailer caravan anhänger remorque
buses | 255 315 1150 | 1.3 1.25 | bus coach autobus omnibus reisebus school_bus
tractors | 215 270 410 | 1.35 1.3 | tractor traktor tracteur trattore
excavators | 260 310 850 | 1.5 1.4 | excavator bagger digger backhoe bulldozer loader
forklifts | 118 215 310 | 1.3 1.35 | forklift fork_lift gabelstapler stacker
combine harvesters | 360 390 900 | 1.25 1.3 | combine combine_harvester harvester
tanks | 340 265 830 | 1.3 1.35 | battle_tank panzer army_tank tank
bicycles | 60 105 175 | 1.15 1.3 | bicycle bike fahrrad vélo velo bicicletta bicicleta mountain_bike
motorcycles | 80 115 212 | 1.2 1.25 | motorcycle motorbike scooter motorrad moto vespa moped
tricycles | 52 62 75 | 1.5 1.4 | tricycle dreirad
push scooters | 42 98 92 | 1.3 1.4 | kick_scooter push_scooter electric_scooter e_scooter
quads | 115 115 195 | 1.25 1.3 | quad atv quad_bike
locomotives | 300 410 1750 | 1.35 1.35 | locomotive lokomotive train_engine diesel_locomotive steam_locomotive
railway carriages | 285 395 2150 | 1.3 1.35 | wagon railcar train_car railway_carriage train_carriage train_wagon waggon passenger_car boxcar
trams | 245 345 2400 | 1.5 1.4 | tram streetcar strassenbahn
trains | 295 400 9000 | 2.4 1.6 | train zug treno tren
boats | 220 200 620 | 1.9 1.7 | boat boot_schiff bateau barca barco motorboat speedboat fishing_boat yacht_small lifeboat
rowing boats | 145 65 370 | 1.4 1.5 | rowboat rowing_boat dinghy canoe kayak ruderboot gondola
sailing boats | 330 1250 1050 | 1.6 1.5 | sailboat sailing_boat segelboot voilier yacht sail_boat catamaran
ships | 1900 2800 11500 | 2.3 1.35 | ship schiff navire nave buque navio freighter tanker ferry cruise_ship container_ship warship trawler destroyer frigate carrier battleship
sailing ships | 1300 3800 5000 | 1.5 1.5 | sailing_ship galleon pirate_ship frigate_sail tall_ship caravel
submarines | 900 1400 8500 | 1.7 1.6 | submarine u_boot
barges | 1100 500 5000 | 1.7 1.35 | barge lighter_barge
rafts | 280 90 320 | 1.6 1.8 | raft liferaft life_raft
buoys | 180 350 180 | 1.9 1.6 | buoy boje bouée
aeroplanes | 2400 720 2300 | 2.4 1.35 | airplane aeroplane aircraft plane flugzeug avion aereo avión avião airliner jet jetliner airbus
light aircraft | 1080 270 790 | 1.25 1.3 | cessna light_aircraft biplane piper ultralight
fighter aircraft | 1080 460 1550 | 1.3 1.35 | fighter_jet jet_fighter fighter warplane
gliders | 1600 150 690 | 1.25 1.5 | glider sailplane segelflugzeug
helicopters | 1150 420 1350 | 1.4 1.5 | helicopter hubschrauber hélicoptère elicottero helicóptero chopper
drones | 38 14 38 | 1.9 1.7 | drone quadcopter quadrocopter multicopter
hot-air balloons | 1750 2400 1750 | 1.3 1.25 | hot_air_balloon
airships | 1900 2200 7500 | 1.7 1.5 | airship zeppelin blimp
rockets | 900 4800 900 | 2.4 1.5 | rocket rakete spaceship_rocket
missiles | 60 60 380 | 1.8 1.5 | missile bomb torpedo
tyres and wheels (ETRTO: car wheels 0.55 to 0.80 m) | 64 64 22 | 1.3 1.5 | tire tyre car_wheel reifen pneu rim
wheels | 75 75 15 | 1.9 1.7 | wheel helm rad roue ruota rueda steering_wheel_ship
steering wheels | 38 38 10 | 1.15 1.6 | steering_wheel lenkrad
engines | 65 65 75 | 1.8 1.5 | engine motor
racing cars | 195 115 455 | 1.12 1.25 | race_car racing_car rennwagen supercar muscle_car
police cars and taxis | 182 152 470 | 1.12 1.2 | police_car taxi cab patrol_car streifenwagen
carriages of old | 190 230 420 | 1.35 1.4 | coach_horse stagecoach horse_carriage chariot kutsche_pferd calèche
sleighs and snowmobiles | 115 125 275 | 1.4 1.4 | sleigh snowmobile horse_sleigh
jet skis | 115 110 300 | 1.2 1.3 | jet_ski jetski personal_watercraft
hovercraft | 550 400 1100 | 2 1.5 | hovercraft luftkissenboot
rickshaws | 130 175 260 | 1.2 1.3 | rickshaw tuk_tuk auto_rickshaw rikscha
cabins on a rope | 200 240 220 | 1.5 1.5 | cable_car gondola_lift chairlift seilbahn
monster trucks | 370 330 560 | 1.3 1.3 | monster_truck
armoured cars | 270 260 620 | 1.3 1.3 | apc armored_car armoured_car humvee half_track military_truck
tugs and small working boats | 850 1200 2600 | 1.6 1.4 | tugboat schlepper workboat
aircraft carriers | 7000 5500 30000 | 1.25 1.4 | aircraft_carrier flugzeugträger carrier_ship
hang gliders | 1000 160 370 | 1.3 1.6 | hang_glider deltaplane paramotor
satellites | 600 300 300 | 2.2 1.8 | satellite satellit space_probe
stations in space | 6000 2000 5000 | 2.6 1.8 | space_station raumstation
ships of space | 1800 700 2400 | 3.2 1.8 | spaceship spacecraft starship raumschiff vaisseau nave_spaziale shuttle space_shuttle ufo flying_saucer starfighter
rovers | 230 200 290 | 1.5 1.4 | rover moon_rover mars_rover lunar_rover lander
propellers | 180 180 30 | 2.4 1.8 | propeller airscrew hélice
jet engines | 190 190 380 | 1.7 1.5 | jet_engine turbofan triebwerk
seats of vehicles | 52 105 65 | 1.3 1.4 | car_seat cockpit_seat racing_seat autositz ejection_seat
doors of cars | 20 105 110 | 1.2 1.6 | car_door autotür
accumulators of vehicles (EN 50342: 175 × 190 × 242 mm) | 17.5 19 25 | 1.3 1.3 | car_battery autobatterie accumulator
parts of engines | 14 16 20 | 2 1.7 | piston gearbox spark_plug carburetor exhaust muffler alternator kolben getriebe auspuff radiator_car
plates of registration (EU: 520 × 110 mm) | 45 11 0.5 | 1.3 1.6 | license_plate number_plate kennzeichen
parachutes | 650 700 650 | 1.5 1.6 | parachute parachuter paraglider
`;

/** What grows. From memory: field guides. */
export const PLANTS = `
trees | 480 850 480 | 1.9 1.6 | tree baum arbre albero árbol árvore oak birch maple beech willow linden ash_tree apple_tree
conifers | 380 1050 380 | 1.9 1.7 | pine fir spruce conifer tanne kiefer pinetree cypress
palm trees | 380 700 380 | 1.9 1.7 | palm palme palmier palma palmera palm_tree
christmas trees | 110 185 110 | 1.5 1.35 | christmas_tree weihnachtsbaum
bonsai trees | 38 40 34 | 1.5 1.5 | bonsai
bushes | 130 120 130 | 1.7 1.6 | bush shrub hedge busch buisson cespuglio arbusto
plants in pots | 55 85 55 | 1.8 1.6 | plant pflanze plante pianta planta houseplant potted_plant fern ficus monstera aloe
cacti | 24 50 22 | 2.2 1.8 | cactus kaktus
ivy | 70 120 25 | 1.8 2 | ivy vine
bamboos and reeds | 90 260 90 | 1.9 1.9 | bamboo reed bambus schilf
leaves | 9 1.5 13 | 1.8 1.9 | leaf blatt feuille foglia hoja folha
branches | 45 25 130 | 1.9 1.9 | branch ast branche ramo rama twig
hay bales | 120 115 130 | 1.5 1.4 | hay_bale haybale hay straw_bale heuballen straw
plants of the field | 45 75 45 | 1.9 1.8 | wheat crop sunflower tomato_plant weed nettle clover thistle
water plants | 50 45 50 | 1.9 1.9 | seaweed kelp water_lily lily_pad alga coral koralle
grass | 60 35 60 | 2 2.2 | grass gras herbe
`;

/** What lies about and what is eaten. From memory: field guides. */
export const NATURE = `
mountains | 150000 60000 150000 | 2.6 1.7 | mountain berg montagne montagna montaña montanha volcano vulkan
terrains | 20000 2500 20000 | 3 2 | terrain landscape gelände terreno paysage landschaft island_land desert
cliffs and caves | 1500 1100 1200 | 2.4 1.8 | cliff cave klippe höhle falaise grotte cueva acantilado grotta
crystals | 12 20 12 | 2.4 1.6 | crystal gem diamond kristall edelstein cristal gemma ruby emerald amethyst jewel gemstone
shells of the sea | 8 5 9 | 1.7 1.6 | seashell shell_sea muschel coquillage conch clam oyster
bones | 6 4 26 | 1.9 1.7 | bone knochen hueso osso
feathers | 4 1 18 | 1.6 1.9 | feather feder_vogel plume quill pluma
cones of conifers | 5 8 5 | 1.4 1.4 | pinecone pine_cone tannenzapfen pigne
mushrooms | 9 11 9 | 1.9 1.5 | mushroom pilz champignon fungo seta
rocks | 120 85 105 | 2.6 1.7 | rock stone boulder stein pierre roccia piedra pedra
logs | 38 38 180 | 1.7 2 | log tree_trunk baumstamm stump tree_stump firewood
pumpkins | 28 23 28 | 1.4 1.3 | pumpkin melon watermelon kürbis
fruits | 8 8 8 | 1.25 1.3 | apple orange pear lemon tomato peach apfel birne
bananas | 5 5 19 | 1.2 1.6 | banana
loaves | 14 11 28 | 1.4 1.5 | bread loaf brot pain pane
cakes | 24 14 24 | 1.5 1.5 | cake torte gâteau torta pie pizza
`;

/** What lives, and what is left of it. From memory: field guides. */
export const CREATURES = `
horses | 60 165 235 | 1.2 1.4 | horse pferd cheval cavallo caballo cavalo pony
cattle | 75 145 235 | 1.2 1.4 | cow bull ox kuh vache mucca vaca cattle
pigs and sheep | 45 82 120 | 1.3 1.4 | pig sheep goat schwein schaf mouton pecora oveja
dogs | 26 58 85 | 1.6 1.4 | dog hund chien cane perro cachorro puppy wolf fox
cats | 17 30 50 | 1.35 1.5 | cat katze chat gatto gato kitten
rabbits | 16 26 36 | 1.4 1.5 | rabbit bunny hase hare lapin coniglio
mice and rats | 5 5 20 | 1.6 1.7 | mouse rat maus hamster
deer | 50 145 165 | 1.3 1.4 | deer stag hirsch elk moose
bears | 80 130 185 | 1.4 1.4 | bear bär ours orso polar_bear panda
big cats | 55 98 200 | 1.25 1.4 | lion tiger leopard panther
elephants | 220 300 480 | 1.25 1.3 | elephant elefant rhino hippo
giraffes | 90 460 260 | 1.2 1.4 | giraffe
camels | 75 205 290 | 1.2 1.35 | camel dromedary
birds | 32 24 34 | 1.9 1.9 | bird gull seagull pigeon crow parrot vogel oiseau uccello pájaro owl sparrow raven
big birds | 50 90 70 | 1.6 1.6 | swan goose stork flamingo eagle turkey peacock
hens and ducks | 25 38 40 | 1.3 1.4 | chicken hen duck rooster cock huhn ente
penguins | 32 75 30 | 1.4 1.3 | penguin
fish | 12 22 45 | 2 1.7 | fish fisch poisson pesce pez salmon carp
sharks | 120 110 380 | 1.6 1.5 | shark dolphin hai orca
whales | 400 350 1500 | 1.6 1.5 | whale wal
turtles | 35 22 45 | 2 1.6 | turtle tortoise
crocodiles | 90 50 330 | 1.4 1.6 | crocodile alligator
snakes | 40 15 90 | 2 1.6 | snake schlange
frogs and lizards | 9 7 14 | 1.7 1.7 | frog lizard toad gecko
butterflies | 9 3 7 | 1.6 2.4 | butterfly moth bee dragonfly_insect
beetles and spiders | 5 2.5 6 | 1.9 1.9 | beetle spider insect ant
dinosaurs | 250 400 900 | 1.9 1.7 | dinosaur t_rex trex raptor
donkeys and zebras | 50 140 205 | 1.2 1.4 | donkey zebra esel âne burro asino mule llama alpaca ostrich
rhinos and hippos | 140 155 350 | 1.2 1.3 | rhinoceros hippopotamus nashorn bison buffalo büffel
monkeys | 35 60 50 | 1.6 1.6 | monkey affe singe scimmia mono macaco chimpanzee baboon lemur
gorillas | 90 165 80 | 1.25 1.4 | gorilla ape orangutan
kangaroos | 50 150 120 | 1.3 1.5 | kangaroo känguru
hedgehogs and squirrels | 13 17 25 | 1.5 1.5 | hedgehog squirrel igel eichhörnchen écureuil guinea_pig chipmunk ferret weasel mole_animal platypus
raccoons and beavers | 28 35 75 | 1.4 1.5 | raccoon badger beaver otter skunk waschbär dachs koala sloth
seals | 80 70 210 | 1.5 1.5 | sea_lion walrus robbe phoque foca
octopuses | 70 35 70 | 1.9 1.7 | octopus squid jellyfish krake pieuvre pulpo polpo qualle
crabs and lobsters | 20 9 22 | 1.7 1.6 | crab lobster krebs crayfish shrimp krabbe crabe cangrejo granchio scorpion
snails and worms | 3 3.5 6.5 | 1.6 1.6 | snail worm slug caterpillar schnecke escargot caracol lumaca
bats | 26 6 9 | 1.5 1.7 | fledermaus vampire_bat chauve_souris murciélago
dragons | 700 450 1000 | 2.3 1.7 | dragon drache drago dragón dragão wyvern griffin
monsters | 130 210 110 | 1.7 1.6 | monster orc troll ogre demon zombie alien golem werewolf goblin minotaur vampire
hearts, brains and other organs | 11 11 14 | 1.6 1.6 | brain heart lung kidney liver gehirn herz cerveau cœur cerebro corazón cervello stomach
teeth | 1 2.2 1 | 1.5 1.6 | tooth zahn dent diente dente molar
eyes | 2.4 2.4 2.4 | 1.2 1.2 | eyeball eye auge œil ojo occhio olho
feet | 10 12 26 | 1.3 1.6 | foot human_foot fuß pied pie_humano piede pé
skulls | 15 21 20 | 1.2 1.25 | skull schädel crâne teschio
skeletons | 50 168 35 | 1.2 1.6 | skeleton skelett
hands | 10 6 19 | 1.25 1.9 | hand
heads | 18 27 23 | 1.25 1.35 | head kopf tête testa
`;
