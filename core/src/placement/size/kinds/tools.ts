/** Tools, hardware and machines. From memory: things at hand, data sheets. */
export const TOOLS = `
crowbars | 6 3 65 | 1.5 1.6 | crowbar brechstange pied_de_biche palanca
pickaxes | 50 6 92 | 1.3 1.5 | pickaxe pick_axe spitzhacke pioche pico
scythes and sickles | 60 12 125 | 1.8 1.7 | scythe sickle faux guadaña falce
trowels | 9 7 29 | 1.4 1.5 | trowel kelle putty_knife
paint rollers | 26 6 32 | 1.4 1.5 | paint_roller farbrolle
paint tins | 18 19 18 | 1.4 1.3 | paint_can paint_bucket paint_tin farbeimer
tape measures | 7 7 3.5 | 1.4 1.4 | tape_measure measuring_tape maßband
rulers | 3.5 0.3 31 | 1.5 1.6 | ruler lineal règle regla set_square
spirit levels | 2.5 5.5 70 | 1.6 1.5 | spirit_level wasserwaage
rolls of tape | 11 4 11 | 1.4 1.5 | duct_tape tape_roll adhesive_tape klebeband
vices | 20 18 38 | 1.5 1.4 | vise vice bench_vise schraubstock étau
clamps | 14 4 32 | 1.8 1.6 | clamp schraubzwinge zwinge
anvils | 18 28 56 | 1.4 1.3 | anvil amboss enclume yunque incudine bigorna
nails and screws (ISO 4014 and others) | 0.9 0.9 5.5 | 2.2 1.8 | screw nail bolt schraube nagel vis clou tornillo clavo vite chiodo parafuso prego
nuts and washers (ISO 4032: M8 is 13 × 6.8 mm) | 1.6 0.7 1.6 | 2 1.5 | hex_nut nut washer_ring mutter écrou tuerca dado rondelle unterlegscheibe
springs | 2.5 7 2.5 | 2.4 1.7 | coil_spring feder ressort muelle molla mola
gears | 9 2 9 | 2.6 1.8 | gear cog cogwheel zahnrad engrenage engranaje ingranaggio engrenagem sprocket
bearings (ISO 15: 6204 is 47 × 14 mm) | 5.2 1.5 5.2 | 2 1.4 | bearing ball_bearing kugellager roulement rodamiento cuscinetto rolamento
pulleys | 15 18 8 | 2 1.6 | pulley flaschenzug poulie polea
chains | 6 3 90 | 2.5 2 | chain kette chaîne cadena catena corrente
hooks | 7 14 4 | 2 1.7 | crane_hook haken crochet gancho
padlocks | 4.5 7.5 2.2 | 1.5 1.4 | padlock vorhängeschloss cadenas candado lucchetto cadeado lock
pipes | 16 16 160 | 2.4 2.2 | pipe rohr tube tubo tuberia tubería cano
valves | 22 24 18 | 2.2 1.6 | valve ventil vanne válvula valvola
pumps | 45 45 65 | 2 1.6 | pump pumpe pompe bomba pompa hand_pump
saw horses | 75 75 60 | 1.25 1.4 | sawhorse saw_horse trestle sägebock
chain saws | 24 28 85 | 1.25 1.4 | chainsaw chain_saw motorsäge tronçonneuse motosierra motosega
angle grinders | 12 12 32 | 1.4 1.5 | angle_grinder grinder winkelschleifer sander jigsaw router_tool nail_gun circular_saw
pneumatic hammers | 42 68 14 | 1.2 1.5 | jackhammer pneumatic_hammer presslufthammer
drill presses | 40 120 60 | 1.6 1.4 | drill_press pillar_drill bandsaw band_saw ständerbohrmaschine
lathes | 170 130 85 | 1.6 1.4 | lathe drehbank tour_machine torno milling_machine fräsmaschine
table saws | 95 95 80 | 1.3 1.3 | table_saw tischkreissäge
compressors | 45 70 95 | 1.5 1.4 | compressor kompressor air_compressor
cement mixers | 85 140 130 | 1.3 1.3 | cement_mixer concrete_mixer betonmischer
soldering irons | 3 3 22 | 1.3 1.5 | soldering_iron lötkolben
glue guns and bottles of spray | 9 22 6 | 1.4 1.4 | glue_gun spray_bottle spray_can aerosol sprühdose
hose reels | 45 60 45 | 1.5 1.4 | hose_reel fire_hose
sprinklers | 20 25 20 | 1.8 1.7 | sprinkler
leaf blowers and trimmers | 25 35 110 | 1.5 1.5 | leaf_blower hedge_trimmer grass_trimmer
secateurs | 6 2.5 21 | 1.5 1.5 | secateurs pruning_shears garden_shears
oil lamps and lanterns | 16 30 16 | 1.5 1.4 | oil_lamp kerosene_lamp laterne storm_lantern hurricane_lamp camping_lantern paper_lantern
torches that burn | 9 50 9 | 1.5 1.5 | wall_torch fackel medieval_torch burning_torch
braziers | 60 85 60 | 1.6 1.5 | brazier feuerschale
magnifying glasses | 9 2 20 | 1.4 1.5 | magnifying_glass magnifier lupe loupe lupa
compasses | 7 2.5 8 | 1.7 1.6 | compass kompass boussole brújula bussola
hourglasses | 9 18 9 | 1.6 1.4 | hourglass sanduhr sablier clessidra
binoculars | 17 6 15 | 1.4 1.5 | binoculars fernglas jumelles prismáticos binocolo spyglass
padded bags of tools and parts | 30 25 22 | 1.6 1.6 | tool_bag sports_bag duffel duffel_bag gym_bag
tool cabinets on wheels | 68 95 46 | 1.4 1.4 | tool_cabinet tool_chest tool_cart tool_trolley werkstattwagen
spinning wheels and looms | 90 100 50 | 1.4 1.5 | spinning_wheel loom spinnrad
bellows and furnaces | 130 170 110 | 2 1.7 | furnace forge kiln ofen blast_furnace
cauldrons | 55 50 55 | 1.6 1.4 | cauldron kessel chaudron caldero calderone caldeirão
`;

/** Weapons and armour. From memory: collections, data sheets. */
export const WEAPONS = `
spears | 8 5 205 | 1.4 1.8 | spear lance javelin halberd trident speer lanza lancia lança pike_weapon polearm hellebarde
maces and clubs | 12 12 75 | 1.4 1.6 | mace morning_star warhammer war_hammer keule massue maza mazza flail battleaxe battle_axe
staffs | 10 155 8 | 1.4 1.7 | magic_staff wizard_staff quarterstaff sceptre scepter
wands | 2.5 2.5 36 | 1.3 1.6 | magic_wand zauberstab
arrows | 2.5 2.5 76 | 1.3 1.7 | arrow_bow pfeil crossbow_bolt
quivers | 14 62 14 | 1.3 1.4 | quiver köcher carquois
grenades | 6.5 11 6.5 | 1.3 1.4 | grenade hand_grenade granate granada
cartridges (C.I.P.: 9 × 19 is 29.7 mm long) | 1.1 1.1 4.5 | 1.7 1.6 | bullet cartridge ammo munition patrone shotgun_shell balle bala proiettile
boxes of ammunition | 16 19 29 | 1.4 1.4 | ammo_box ammo_crate ammunition_box munitionskiste
cannons | 120 130 260 | 1.6 1.5 | cannon canon kanone cañón cannone canhão howitzer artillery mortar_weapon
catapults | 280 330 520 | 1.6 1.5 | catapult trebuchet ballista katapult
rocket launchers | 14 26 110 | 1.35 1.5 | rocket_launcher bazooka grenade_launcher rpg
mines | 30 14 30 | 1.6 1.6 | landmine land_mine
suits of armour | 65 180 45 | 1.1 1.4 | suit_of_armor plate_armor rüstung knight_armor armure armadura armatura armor armour
gauntlets | 15 11 34 | 1.3 1.5 | gauntlet panzerhandschuh
helmets | 24 27 30 | 1.25 1.35 | helmet helm_head knight_helmet motorcycle_helmet casque casco elmo capacete
handcuffs | 8 2 24 | 1.3 1.6 | handcuffs handschellen
scabbards and holsters | 8 4 60 | 1.8 1.6 | scabbard sheath holster
`;
