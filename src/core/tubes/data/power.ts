/**
 * Rectifiers and regulators. Limits of a rectifier: rms V at each plate, idc output mA, piv peak inverse V, c largest
 * first capacitor µF, drop V at so many mA. Regulators: v, min and max mA. Columns as in receiving.ts.
 */
export const RECTIFIERS = `
80 | full-wave rectifier | 4C | 5/2 | rms350 idc125 piv1400 c20 drop60@125 | | 280 80M
81 | half-wave rectifier | 4B | 7.5/1.25 | rms700 idc85 piv2000 c4 drop90@85 | | 281
82 | full-wave rectifier | 4C | 2.5/3 | rms450 idc115 piv1550 c4 drop15@115 | | | mercury vapour: upright, warm before high voltage, a blue glow is normal; wants a choke first
83 | full-wave rectifier | 4C | 5/3 | rms450 idc225 piv1550 c4 drop15@225 | | | mercury vapour: upright, warm before high voltage, a blue glow is normal; wants a choke first
83V | full-wave rectifier | 4AD | 5/2 | rms375 idc175 piv1400 c10 drop25@175
84 | full-wave rectifier | 5D | 6.3/0.5 | rms325 idc60 piv1250 c8 drop20@60 | | 6Z4
1V | half-wave rectifier | 4G | 6.3/0.3 | rms325 idc45 piv1000 c8 drop20@45
12Z3 | half-wave rectifier | 4G | 12.6/0.3 | rms235 idc55 piv700 c16 drop20@55
25Z5 | rectifier doubler | 6E | 25/0.3 | rms235 idc75 piv700 c16 drop22@150
25Z6 | rectifier doubler | 7Q | 25/0.3 | rms235 idc75 piv700 c16 drop22@150 | | 25Z6GT 25Z6G
50Y6GT | rectifier doubler | 7Q | 50/0.15 | rms235 idc75 piv700 c16 drop22@150 | | 50Y6
35W4 | half-wave rectifier | 5BQ | 35/0.15 | rms117 idc100 piv330 c40 drop18@200 | | | the heater's tap feeds the dial lamp: a dead lamp overloads it
35Z5GT | half-wave rectifier | 6AD | 35/0.15 | rms235 idc100 piv700 c40 drop21@200 | | 35Z5 | the heater's tap feeds the dial lamp: a dead lamp overloads it
5R4GY | full-wave rectifier | 5T | 5/2 | rms900 idc150 piv2800 c4 drop67@250 | | 5R4 5R4GB 5R4G
5U4G | full-wave rectifier | 5T | 5/3 | rms450 idc225 piv1550 c40 drop58@225 | | 5U4 U52
5U4GB | full-wave rectifier | 5T | 5/3 | rms450 idc275 piv1550 c40 drop50@275
5V4G | full-wave rectifier | 5L | 5/2 | rms375 idc175 piv1400 c10 drop25@175 | | 5V4 5V4GA
5W4 | full-wave rectifier | 5T | 5/1.5 | rms350 idc100 piv1400 c10 drop45@100 | | 5W4GT
5X4G | full-wave rectifier | 5Q | 5/3 | rms450 idc225 piv1550 c40 drop58@225 | | 5X4
5Y3GT | full-wave rectifier | 5T | 5/2 | rms350 idc125 piv1400 c20 drop60@125 | | 5Y3 5Y3G U50
5Y4G | full-wave rectifier | 5Q | 5/2 | rms350 idc125 piv1400 c20 drop60@125 | | 5Y4
5Z3 | full-wave rectifier | 4C | 5/3 | rms450 idc225 piv1550 c40 drop58@225
5Z4 | full-wave rectifier | 5L | 5/2 | rms350 idc125 piv1400 c40 drop20@125 | | 5Z4G 5Z4GT GZ30
GZ32 | full-wave rectifier | 5L | 5/2.3 | rms500 idc125 piv1400 c16 drop20@125 | | 5AQ4 | unsure: the current is that at 500 V; at 300 V sheets have more than twice of it, and larger capacitors
GZ34 | full-wave rectifier | 5DA | 5/1.9 | rms450 idc225 piv1700 c60 drop17@225 | | 5AR4
6X4 | full-wave rectifier | 5BS | 6.3/0.6 | rms325 idc70 piv1250 c10 drop22@70 | | EZ90 6063
6X5GT | full-wave rectifier | 6S | 6.3/0.6 | rms325 idc70 piv1250 c10 drop22@70 | | 6X5 6X5G U70 EZ35 | heater to cathode shorts take the transformer with them: fuse the winding
12X4 | full-wave rectifier | 5BS | 12.6/0.3 | rms325 idc70 piv1250 c10 drop22@70
7Y4 | full-wave rectifier | 5AB | 6.3/0.5 | rms325 idc70 piv1250 c10 drop22@70
EZ40 | full-wave rectifier | EZ40 | 6.3/0.6 | rms350 idc90 piv1000 c50 drop20@90 | | 6BT4
EZ80 | full-wave rectifier | 9M | 6.3/0.6 | rms350 idc90 piv1000 c50 drop20@90 | | 6V4
EZ81 | full-wave rectifier | 9M | 6.3/1 | rms350 idc150 piv1300 c50 drop19@150 | | 6CA4
PY82 | half-wave rectifier | PY82 | 19/0.3 | rms250 idc180 piv700 c60 drop20@180 | | 19Y3
UY41 | half-wave rectifier | UY41 | 31/0.1 | rms250 idc100 piv700 c50 drop16@100 | | 31A3
UY85 | half-wave rectifier | PY82 | 38/0.1 | rms250 idc110 piv700 c100 drop16@110 | | 38A3
816 | half-wave rectifier | 4P | 2.5/2 | idc125 piv7500 drop15@125 | | | mercury vapour: filament warm for 30 s before high voltage
866A | half-wave rectifier | 4P | 2.5/5 | idc250 piv10000 drop15@250 | | 866 | mercury vapour: filament warm for 30 s before high voltage
3B28 | half-wave rectifier | 4P | 2.5/5 | idc250 piv10000 drop14@250 | | | xenon: stands in any position
0A2 | regulator | 5BO | - | v150 min5 max30 | | OA2 150C4
0A3 | regulator | 4AJ | - | v75 min5 max40 | | OA3 VR75
0B2 | regulator | 5BO | - | v108 min5 max30 | | OB2 108C1
0C3 | regulator | 4AJ | - | v105 min5 max40 | | OC3 VR105
0D3 | regulator | 4AJ | - | v150 min5 max40 | | OD3 VR150
AZ1 | full-wave rectifier | ? side-contact | 4/1.1 | rms500 idc60 piv1400 c60 | | | unsure: its drop; at 300 V it gives 100 mA
AZ41 | full-wave rectifier | AZ41 | 4/0.72 | rms500 idc60 piv1400 c50 | | | unsure: its drop and the order of its pins
UY1N | half-wave rectifier | ? side-contact | 50/0.1 | rms250 idc140 piv700 c60 | | UY1 | unsure: its drop
0Z4 | full-wave rectifier | 4R | - | rms300 idc75 piv880 drop24@75 | | 0Z4G OZ4 | gas, without a heater: strikes only above about 300 V peak, wants 30 mA of load, and makes noise
117Z3 | half-wave rectifier | ? B7G | 117/0.04 | rms117 idc90 piv330 c40 drop15@180
85A2 | regulator | 5BO | - | v85 min1 max10 | | 0G3
`;

/** Transmitting tubes: intermittent amateur (ICAS) ratings where the sheet has them; class C points have a C in front. */
export const TRANSMITTING = `
801A | power triode | 4D | 7.5/1.25 | p600 w20 mhz60 | p600 g-75 i30 gm1.6 mu8 | 801
807 | beam | 5AW | 6.3/0.9 | p750 s300 w30 sw3.5 mhz60 | p300 s250 g-12.5 i83 si8 gm6 ; C p750 s250 g-45 i100 si6 | 807W 5933
1625 | beam | 5AZ | 12.6/0.45 | p750 s300 w30 sw3.5 mhz60 | p300 s250 g-12.5 i83 si8 gm6 ; C p750 s250 g-45 i100 si6
811A | power triode | 3G | 6.3/4 | p1500 w65 mhz30 | p1250 g0 i27 gm2.8 mu160
812A | power triode | 3G | 6.3/4 | p1500 w65 mhz30 | C p1250 g-90 i140 mu29
572B | power triode | 3G | 6.3/4 | p2750 w160 mhz30 | p2400 g-2 i45 gm2.8 mu170 | T160L
813 | beam | 5BA | 10/5 | p2250 s400 w125 sw22 mhz30 | C p1500 s300 g-90 i180 si30 gm3.75
829B | beam | 7BP | 12.6/1.125 6.3/2.25 | p750 s225 w40 sw7 mhz200 | C p600 s200 g-50 i200 si30 gm8.5 | 3E29 | two systems; dissipation is for both
832A | beam | 7BP | 12.6/0.8 6.3/1.6 | p750 s250 w15 sw5 mhz200 | C p600 s200 g-65 i48 si15 gm3.5 | 832 | two systems; dissipation is for both
2E26 | beam | 7CK | 6.3/0.8 | p600 s200 w13.5 sw2.5 mhz125 | C p500 s185 g-40 i60 si11 gm3.5
5763 | power pentode | 9K | 6.3/0.75 | p350 s250 w13.5 sw2 mhz50 | C p350 s250 g-28.5 i48.5 si6.2 gm7 | QE03/10
6146 | beam | 7CK | 6.3/1.25 | p750 s250 w25 sw3 mhz60 | p500 s150 g-36 i40 si3 gm7 ; C p600 s150 g-58 i112 si9 | 6146A 2B46
6146B | beam | 7CK | 6.3/1.125 | p750 s250 w35 sw3 mhz60 | C p750 s160 g-77 i180 si10 gm7 | 8298A | in gear made for the plain 6146 neutralise anew and watch for instability
6159 | beam | 7CK | 26.5/0.3 | p750 s250 w25 sw3 mhz60 | C p600 s150 g-58 i112 si9 gm7
6883 | beam | 7CK | 12.6/0.625 | p750 s250 w25 sw3 mhz60 | C p600 s150 g-58 i112 si9 gm7 | 6883A 8032
6360 | beam | 9PW | 12.6/0.41 6.3/0.82 | p300 s200 w14 sw2 mhz200 | C p300 s200 g-45 i100 si3 gm3.3 | QQE03/12 | two systems; dissipation is for both
3-400Z | power triode | 3-500 | 5/14.5 | p3000 w400 mhz110 | p3000 g0 i100 mu200 | 8163
3-500Z | power triode | 3-500 | 5/14.5 | p4000 w500 mhz110 | p2500 g0 i130 mu130
4-125A | tetrode | 5BK | 5/6.5 | p3000 s400 w125 sw20 mhz120 | C p2500 s350 g-150 i152 si30 gm2.45 | 4D21 6155
4-250A | tetrode | 5BK | 5/14.5 | p4000 s600 w250 sw35 mhz110 | C p3000 s500 g-180 i345 si60 gm4 | 5D22 6156
4-400A | tetrode | 5BK | 5/14.5 | p4000 s800 w400 sw35 mhz110 | C p3000 s500 g-220 i350 si46 gm4 | 8438
4X150A | tetrode | 4CX | 6/2.6 | p1250 s300 w150 sw12 mhz500 | C p1250 s250 g-90 i200 si20 gm12 | | unsure: later ones are marked 7034 and stand 2000 V and 250 W; forced air at all times, also for the heater alone
7034 | tetrode | 4CX | 6/2.6 | p2000 s300 w250 sw12 mhz500 | C p2000 s250 g-90 i250 si19 gm12 | | forced air at all times, also for the heater alone
4CX250B | tetrode | 4CX | 6/2.6 | p2000 s300 w250 sw12 mhz500 | C p2000 s250 g-90 i250 si19 gm12 | 7203 | forced air at all times, also for the heater alone; beryllium oxide in the base: never grind or break
`;
