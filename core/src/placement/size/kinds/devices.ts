/** Parts and boards, data carriers, what is measured and healed with. From memory: data sheets; standards are named where they give the figure. */
export const DEVICES = `
circuit boards | 7.5 1.6 9 | 1.9 1.8 | circuit_board pcb breakout_board platine development_board microcontroller printed_circuit
bread boards for circuits | 5.5 1 16.5 | 1.5 1.5 | breadboard solderless_breadboard
chips in rows of pins (JEDEC MS-001: pins 2.54 mm apart) | 0.76 0.5 1.9 | 1.8 1.6 | dip dip8 dip14 dip16 microchip integrated_circuit
chips on a surface (JEDEC MS-012: pins 1.27 mm apart) | 0.6 0.17 0.7 | 1.9 1.7 | soic qfp qfn bga ssop tssop tqfp lqfp chip_smd
resistors and capacitors with leads | 0.3 0.35 1 | 1.8 1.8 | resistor capacitor inductor diode widerstand kondensator résistance condensateur resistencia condensador elko
light-emitting diodes (5 mm across, common practice, no source) | 0.55 0.9 0.55 | 1.6 1.8 | led leuchtdiode
transistors (JEDEC TO-220: 10 × 15 mm, TO-92: 5 mm) | 0.8 1.6 0.45 | 1.6 1.6 | transistor mosfet voltage_regulator thyristor
relays and transformers for boards | 1.6 1.6 2.2 | 1.8 1.6 | relay relais relè
pin headers (2.54 mm apart, common practice, no source) | 2 1.1 0.5 | 2.2 1.9 | pin_header header_pin terminal_block pinheader
connectors | 1.6 1.1 1.8 | 1.9 1.8 | connector usb_connector jack_plug stecker connecteur conector connettore
displays for boards | 8 1.2 4 | 1.8 1.8 | lcd oled lcd_display seven_segment
main boards (ATX: 305 × 244 mm) | 24.4 4 30.5 | 1.3 1.6 | motherboard mainboard carte_mère placa_madre
graphics cards | 4 12 27 | 1.25 1.5 | graphics_card gpu grafikkarte video_card
memory modules (JEDEC DIMM: 133.35 mm) | 13.3 3.1 0.5 | 1.25 1.6 | memory_module ram_stick dimm
processors | 4 0.5 4 | 1.3 1.6 | cpu processor prozessor
power supplies (ATX: 150 × 86 × 140 mm) | 15 8.6 14.5 | 1.5 1.4 | power_supply psu netzteil alimentatore
hard disks (SFF-8301: 101.6 × 26.1 × 147 mm) | 10 2.3 14 | 1.3 1.5 | hard_disk hard_drive festplatte hdd ssd disco_duro disque_dur
memory sticks | 1.9 0.8 5.8 | 1.35 1.4 | usb_stick usb_drive memory_stick flash_drive pendrive
memory cards (SD: 24 × 32 × 2.1 mm) | 2.4 0.21 3.2 | 1.4 1.3 | memory_card sd_card
cards to pay with (ISO/IEC 7810 ID-1: 85.6 × 54 mm) | 8.56 0.08 5.4 | 1.1 1.3 | credit_card bank_card id_card business_card visitenkarte kreditkarte
optical discs (ECMA-130: 120 mm) | 12 0.12 12 | 1.12 1.4 | cd dvd compact_disc disc_cd blu_ray
records (IEC 60098: 301 mm) | 30 0.2 30 | 1.15 1.5 | vinyl vinyl_record lp schallplatte disque_vinyle
floppy disks (ECMA-125: 90 × 94 × 3.3 mm) | 9 0.33 9.4 | 1.2 1.4 | floppy floppy_disk diskette disquete
cassettes (IEC 60094-7: 100 × 64 × 12 mm) | 10 1.2 6.4 | 1.15 1.3 | cassette cassette_tape audio_cassette musicassette kassette
video cassettes (IEC 60774: 188 × 104 × 25 mm) | 18.8 2.5 10.4 | 1.15 1.3 | vhs video_cassette videotape video_tape
cassette players | 16 9 5 | 1.7 1.6 | walkman cassette_player tape_recorder tape_deck
goggles for seeing another world | 18 11 16 | 1.3 1.4 | vr_headset virtual_reality_headset vr_goggles headset_vr hmd
web cameras | 8 5 4 | 1.5 1.5 | webcam
smart watches | 4.5 9 6 | 1.4 1.6 | smartwatch smart_watch
walkie-talkies | 6 20 4 | 1.4 1.4 | walkie_talkie handheld_radio funkgerät two_way_radio
calculators | 9 1.8 15 | 1.35 1.5 | calculator taschenrechner calculatrice calculadora calcolatrice
pocket consoles | 17 3 10 | 1.4 1.5 | handheld_console handheld_game portable_console
power strips | 5.5 4 30 | 1.4 1.5 | power_strip extension_lead steckdosenleiste multiprise multi_socket
chargers | 5 4 7 | 1.5 1.5 | charger ladegerät chargeur cargador power_adapter power_bank powerbank
cables | 60 4 60 | 2.6 2.6 | cable kabel câble cavo hose schlauch tuyau manguera garden_hose
fuse boxes | 32 45 14 | 1.7 1.6 | fuse_box breaker_box electrical_box circuit_breaker electrical_panel control_panel sicherungskasten
electricity meters | 18 28 13 | 1.3 1.4 | electricity_meter electric_meter stromzähler power_meter
thermostats | 9 9 3 | 1.4 1.5 | thermostat intercom doorbell keypad_lock
generators | 60 52 48 | 1.9 1.5 | generator générateur generador generatore stromaggregat
transformers of the mains | 140 190 130 | 2.3 1.6 | power_transformer substation transformator transformer
oscilloscopes and meters | 33 18 20 | 1.7 1.6 | oscilloscope multimeter voltmeter measuring_device oszilloskop
printers in three dimensions | 45 48 45 | 1.4 1.35 | 3d_printer printer_3d three_d_printer
robots | 60 130 55 | 2.4 1.7 | robot roboter android droid mech_small robô
arms of robots | 80 150 80 | 2 1.6 | robot_arm robotic_arm industrial_robot roboterarm
syringes | 2.5 2.5 15 | 1.5 1.7 | syringe spritze seringue jeringa siringa
pills | 0.9 0.5 1.2 | 1.5 1.6 | pill tablet_pill capsule tablette pille pastilla pillola
bottles of medicine | 5 9 5 | 1.5 1.4 | pill_bottle medicine_bottle vial medicine potion potion_bottle
hospital beds | 100 100 215 | 1.1 1.4 | hospital_bed krankenbett
stretchers | 60 90 195 | 1.15 1.7 | stretcher gurney trage civière
drip stands | 55 190 55 | 1.2 1.4 | iv_stand drip_stand iv_pole
crutches | 14 115 20 | 1.3 1.6 | crutch walking_stick gehstock krücke canne bastón
walking frames | 60 85 60 | 1.2 1.4 | rollator walker_medical zimmer_frame
stethoscopes | 16 4 38 | 1.4 1.8 | stethoscope
thermometers | 2.5 1.5 16 | 1.8 1.7 | thermometer termometro
chairs of a dentist | 75 130 175 | 1.2 1.4 | dental_chair dentist_chair
tables to operate on | 60 95 200 | 1.2 1.5 | operating_table examination_table massage_table
test tubes (ISO 4142: 16 × 160 mm) | 1.6 15 1.6 | 1.3 1.3 | test_tube reagenzglas
flasks (ISO 1773: 250 ml is 85 × 140 mm) | 9 15 9 | 1.5 1.3 | flask erlenmeyer retort
petri dishes (ISO 24998: 90 mm) | 9 1.6 9 | 1.3 1.4 | petri petri_dish
`;
