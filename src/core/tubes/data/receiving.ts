/**
 * Receiving tubes of North American numbering. One a line:
 * type | kind | diagram | heater V/A (a tapped one both ways) | limits | typical operation | other names | remark
 *
 * Limits (design centre): p plate V, s screen V, w plate W, sw screen W. Operation: p, s, g volts (g3.. bias), i plate
 * mA, si screen mA, gm mA/V (of a converter: conversion), mu, ra plate kΩ. For two systems in a bulb: each. T before a point:
 * measured for a moment, above what the plate stands. A remark that begins with “unsure:” says what nobody is sure of.
 */
export const RECEIVING = `
01A | triode | 4D | 5/0.25 | p135 | p135 g-9 i3 gm0.8 mu8 ra10 | 201A
10 | power triode | 4D | 7.5/1.25 | p425 w12 | p425 g-40 i18 gm1.6 mu8 ra5 | 210
12A | power triode | 4D | 5/0.25 | p180 | p180 g-13.5 i7.7 gm1.8 mu8.5 | 112A
24A | tetrode | 5E | 2.5/1.75 | p275 s90 | p250 s90 g-3 i4 si1.7 gm1.05 | 224A
26 | triode | 4D | 1.5/1.05 | p180 | p180 g-14.5 i6.2 gm1.15 mu8.3 ra7.3 | 226
27 | triode | 5A | 2.5/1.75 | p275 | p250 g-21 i5.2 gm0.975 mu9 ra9.25 | 227
30 | triode | 4D | 2/0.06 | p180 | p180 g-13.5 i3.1 gm0.9 mu9.3 ra10.3 | 230
31 | power triode | 4D | 2/0.13 | p180 | p135 g-22.5 i8 gm0.925 mu3.8 | 231
33 | power pentode | 5K | 2/0.26 | p180 s180 | p180 s180 g-18 i22 si5 gm1.7 | 233
35 | variable tetrode | 5E | 2.5/1.75 | p275 s90 | p250 s90 g-3 i6.5 si2.5 gm1.05 | 51 235
36 | tetrode | 5E | 6.3/0.3 | p250 s90 | p250 s90 g-3 i3.2 si1.7 gm1.08 | 236
37 | triode | 5A | 6.3/0.3 | p250 | p250 g-18 i7.5 gm1.1 mu9.2 ra8.4 | 237
38 | power pentode | 5F | 6.3/0.3 | p250 s250 | p250 s250 g-25 i22 si3.8 gm1.2 | 238
39 | variable pentode | 5F | 6.3/0.3 | p250 s90 | p250 s90 g-3 i5.8 si1.4 gm1.05 | 44 39/44
34 | variable pentode | 4M | 2/0.06 | p180 s67.5 | p180 s67.5 g-3 i2.8 si1 gm0.62 | 234
19 | double triode | 6C | 2/0.26 | p135 | p135 g-3 i5
41 | power pentode | 6B | 6.3/0.4 | p315 s285 w8.5 sw2.8 | p250 s250 g-18 i32 si5.5 gm2.3
42 | power pentode | 6B | 6.3/0.7 | p375 s285 w11 sw3.75 | p250 s250 g-16.5 i34 si6.5 gm2.5
43 | power pentode | 6B | 25/0.3 | p160 s135 w5.3 sw1.9 | p95 s95 g-15 i20 si4 gm2
45 | power triode | 4D | 2.5/1.5 | p275 w10 | p250 g-50 i34 gm2.175 mu3.5 ra1.61 | 245
46 | power triode | 5C | 2.5/1.75 | p250 w10 | p250 g-33 i22 gm2.35 mu5.6 | | the second grid is tied to the plate as a driver
47 | power pentode | 5B | 2.5/1.75 | p250 s250 w8 | p250 s250 g-16.5 i31 si6 gm2.5 | 247
50 | power triode | 4D | 7.5/1.25 | p450 w25 | p450 g-84 i55 gm2.1 mu3.8 ra1.8 | 250
53 | double triode | 7B | 2.5/2 | p300 w5.5 | p294 g-6 i3.5 gm1.6 mu35
55 | diode triode | 6G | 2.5/1 | p250 | p250 g-20 i8 gm1.1 mu8.3 ra7.5
56 | triode | 5A | 2.5/1 | p250 | p250 g-13.5 i5 gm1.45 mu13.8 ra9.5
57 | pentode | 6F | 2.5/1 | p300 s100 | p250 s100 g-3 i2 si0.5 gm1.225
58 | variable pentode | 6F | 2.5/1 | p300 s100 | p250 s100 g-3 i8.2 si2 gm1.6
71A | power triode | 4D | 5/0.25 | p180 | p180 g-40.5 i20 gm1.7 mu3 ra1.75 | 171A
75 | diode triode | 6G | 6.3/0.3 | p250 | p250 g-2 i0.9 gm1.1 mu100 ra91
76 | triode | 5A | 6.3/0.3 | p250 | p250 g-13.5 i5 gm1.45 mu13.8 ra9.5
77 | pentode | 6F | 6.3/0.3 | p300 s100 | p250 s100 g-3 i2.3 si0.5 gm1.25
78 | variable pentode | 6F | 6.3/0.3 | p300 s125 | p250 s100 g-3 i7 si1.7 gm1.45
85 | diode triode | 6G | 6.3/0.3 | p250 | p250 g-20 i8 gm1.1 mu8.3 ra7.5
89 | power pentode | 6F | 6.3/0.4 | p250 s250 | p250 s250 g-25 i32 si5.5 gm1.8
2A3 | power triode | 4D | 2.5/2.5 | p300 w15 | p250 g-45 i60 gm5.25 mu4.2 ra0.8
2A5 | power pentode | 6B | 2.5/1.75 | p375 s285 w11 sw3.75 | p250 s250 g-16.5 i34 si6.5 gm2.5
2A6 | diode triode | 6G | 2.5/0.8 | p250 | p250 g-2 i0.9 gm1.1 mu100 ra91
1C6 | converter | 6L | 2/0.12 | p180 s67.5 | p180 s67.5 g-3 i1.5 si2 gm0.325
2A7 | converter | 7C | 2.5/0.8 | p300 s100 | p250 s100 g-3 i3.5 si2.7 gm0.55
2B7 | diode pentode | 7D | 2.5/0.8 | p300 s125 | p250 s125 g-3 i9 si2.3 gm1.125
6A6 | double triode | 7B | 6.3/0.8 | p300 w5.5 | p294 g-6 i3.5 gm1.6 mu35
6A7 | converter | 7C | 6.3/0.3 | p300 s100 | p250 s100 g-3 i3.5 si2.7 gm0.55
6B5 | power triode | ? UX6 | 6.3/0.8 | p300 w13 | p300 g0 i45 gm2.4 mu58 | | unsure: its pins; two triodes inside, the first one drives the second one's grid
6B7 | diode pentode | 7D | 6.3/0.3 | p300 s125 | p250 s125 g-3 i9 si2.3 gm1.125
6C6 | pentode | 6F | 6.3/0.3 | p300 s100 | p250 s100 g-3 i2 si0.5 gm1.225
6D6 | variable pentode | 6F | 6.3/0.3 | p300 s100 | p250 s100 g-3 i8.2 si2 gm1.6
6E5 | indicator | 6R | 6.3/0.3 | p250 | p250 g0 i0.24
6U5 | indicator | 6R | 6.3/0.3 | p285 | p250 g0 i0.24 | 6G5 6U5/6G5
6A8 | converter | 8A | 6.3/0.3 | p300 s100 w1 | p250 s100 g-3 i3.5 si2.7 gm0.55 | 6A8G 6A8GT
6AB7 | variable pentode | 8N | 6.3/0.45 | p300 s200 w3.75 | p300 s200 g-3 i12.5 si3.2 gm5 | 1853
6AC7 | pentode | 8N | 6.3/0.45 | p300 s150 w3 | p300 s150 g-2 i10 si2.5 gm9 | 1852
6AF6G | indicator | ? octal | 6.3/0.15 | p250 | | | two shadows, each with a ray electrode of its own: it wants a triode before it
6AG7 | power pentode | 8Y | 6.3/0.65 | p300 s300 w9 sw1.5 | p300 s150 g-3 i30 si7 gm11 | 6AK7
6AS7G | power triode | 8BD | 6.3/2.5 | p250 w13 | p104 g-31 i125 gm7 mu2 ra0.28 | 6AS7 6080 | two triodes; figures for each
6B4G | power triode | 5S | 6.3/1 | p300 w15 | p250 g-45 i60 gm5.25 mu4.2 ra0.8 | 6B4
6B8 | diode pentode | 8E | 6.3/0.3 | p300 s125 | p250 s125 g-3 i10 si2.3 gm1.325
6B8G | diode pentode | 8E | 6.3/0.3 | p300 s125 | p250 s125 g-3 i9 si2.3 gm1.125
6C5 | triode | 6Q | 6.3/0.3 | p300 w2.5 | p250 g-8 i8 gm2 mu20 ra10 | 6C5G 6C5GT
6F5 | triode | 5M | 6.3/0.3 | p300 | p250 g-2 i0.9 gm1.5 mu100 ra66 | 6F5G 6F5GT
6F6 | power pentode | 7S | 6.3/0.7 | p375 s285 w11 sw3.75 | p250 s250 g-16.5 i34 si6.5 gm2.5 | 6F6G 6F6GT KT63
6H6 | diodes | 7Q | 6.3/0.3 | idc8 piv420 rms150 | | 6H6GT
6J5 | triode | 6Q | 6.3/0.3 | p300 w2.5 | p250 g-8 i9 gm2.6 mu20 ra7.7 | 6J5G 6J5GT L63
6J7 | pentode | 7R | 6.3/0.3 | p300 s125 w0.75 | p250 s100 g-3 i2 si0.5 gm1.225 | 6J7G 6J7GT
6K6GT | power pentode | 7S | 6.3/0.4 | p315 s285 w8.5 sw2.8 | p250 s250 g-18 i32 si5.5 gm2.3 | 6K6 6K6G
6K7 | variable pentode | 7R | 6.3/0.3 | p300 s125 w2.75 | p250 s100 g-3 i7 si1.7 gm1.45 ; p250 s125 g-3 i10.5 si2.6 gm1.65 | 6K7G 6K7GT
6K8 | converter | 8K | 6.3/0.3 | p300 s150 w0.75 | p250 s100 g-3 i2.5 si6 gm0.35 | 6K8G 6K8GT
6L6 | beam | 7AC | 6.3/0.9 | p360 s270 w19 sw2.5 | p250 s250 g-14 i72 si5 gm6 ; p350 s250 g-18 i54 si2.5 gm5.2 | 6L6G 6L6GA 6L6GB
6L6GC | beam | 7AC | 6.3/0.9 | p500 s450 w30 sw5 | p250 s250 g-14 i72 si5 gm6 ; p350 s250 g-18 i54 si2.5 gm5.2 | 7581A
6L7 | converter | 7T | 6.3/0.3 | p300 s150 w1 | p250 s100 g-3 i2.4 si7.1 gm0.35 | 6L7G | a mixer: wants a separate oscillator
6N7 | double triode | 8B | 6.3/0.8 | p300 w5.5 | p294 g-6 i3.5 gm1.6 mu35 | 6N7GT
6Q7 | diode triode | 7V | 6.3/0.3 | p300 | p250 g-3 i1 gm1.2 mu70 ra58 | 6Q7G 6Q7GT DH63
6R7 | diode triode | 7V | 6.3/0.3 | p250 w2.5 | p250 g-9 i9.5 gm1.9 mu16 ra8.5 | 6R7G 6R7GT
6S7 | variable pentode | 7R | 6.3/0.15 | p300 s100 w2.25 | p250 s100 g-3 i8.5 si2 gm1.75 | 6S7G
6SA7 | converter | 8R | 6.3/0.3 | p300 s100 w1 | p250 s100 g0 i3.5 si8.5 gm0.45 | 6SA7GT
6SF5 | triode | 6AB | 6.3/0.3 | p300 | p250 g-2 i0.9 gm1.5 mu100 ra66 | 6SF5GT
6SJ7 | pentode | 8N | 6.3/0.3 | p300 s125 w2.5 sw0.7 | p250 s100 g-3 i3 si0.8 gm1.65 | 6SJ7GT
6SK7 | variable pentode | 8N | 6.3/0.3 | p300 s125 w4 sw0.4 | p250 s100 g-3 i9.2 si2.6 gm2 | 6SK7GT
6SL7GT | double triode | 8BD | 6.3/0.3 | p250 w1 | p250 g-2 i2.3 gm1.6 mu70 ra44 | 6SL7
6SN7GT | double triode | 8BD | 6.3/0.6 | p300 w2.5 | p250 g-8 i9 gm2.6 mu20 ra7.7 | 6SN7
6SN7GTB | double triode | 8BD | 6.3/0.6 | p450 w5 | p250 g-8 i9 gm2.6 mu20 ra7.7 | 6SN7GTA
6SQ7 | diode triode | 8Q | 6.3/0.3 | p300 w0.5 | p250 g-2 i1.1 gm1.175 mu100 ra91 | 6SQ7GT
6SR7 | diode triode | 8Q | 6.3/0.3 | p250 w2.5 | p250 g-9 i9.5 gm1.9 mu16 ra8.5
6SS7 | variable pentode | 8N | 6.3/0.15 | p300 s100 w2.25 | p250 s100 g-3 i9 si2 gm1.85
6U7G | variable pentode | 7R | 6.3/0.3 | p300 s100 w2.25 | p250 s100 g-3 i8.2 si2 gm1.6 | 6U7
6V6 | beam | 7AC | 6.3/0.45 | p315 s285 w12 sw2 | p250 s250 g-12.5 i45 si4.5 gm4.1 ; p315 s225 g-13 i34 si2.2 gm3.75 | 6V6G 6V6GT 6V6GT/G
6V6GTA | beam | 7AC | 6.3/0.45 | p350 s315 w14 sw2.2 | p250 s250 g-12.5 i45 si4.5 gm4.1 ; p315 s225 g-13 i34 si2.2 gm3.75
6Y6G | beam | 7AC | 6.3/1.25 | p200 s135 w12.5 sw1.75 | p135 s135 g-13.5 i58 si3.5 gm7 ; p200 s135 g-14 i61 si2.2 gm7.1 | 6Y6 6Y6GT
5881 | beam | 7AC | 6.3/0.9 | p400 s400 w23 sw3 | p250 s250 g-14 i75 si4.3 gm6.1 ; p350 s250 g-18 i53 si2.5 gm5.2 | 6L6WGB
6550 | beam | 7AC | 6.3/1.6 | p600 s400 w35 sw6 | p250 s250 g-14 i140 si12 gm11 ; p400 s225 g-16.5 i87 si4 gm9
12A6 | beam | 7AC | 12.6/0.15 | p250 s250 w7.5 sw1.5 | p250 s250 g-12.5 i30 si3.5 gm3
12A8GT | converter | 8A | 12.6/0.15 | p300 s100 w1 | p250 s100 g-3 i3.5 si2.7 gm0.55 | 12A8
12J5GT | triode | 6Q | 12.6/0.15 | p300 w2.5 | p250 g-8 i9 gm2.6 mu20 ra7.7 | 12J5
12K7GT | variable pentode | 7R | 12.6/0.15 | p300 s125 w2.75 | p250 s100 g-3 i7 si1.7 gm1.45 | 12K7
12K8 | converter | 8K | 12.6/0.15 | p300 s150 w0.75 | p250 s100 g-3 i2.5 si6 gm0.35 | 12K8GT
12Q7GT | diode triode | 7V | 12.6/0.15 | p300 | p250 g-3 i1 gm1.2 mu70 ra58 | 12Q7
12SA7 | converter | 8R | 12.6/0.15 | p300 s100 w1 | p250 s100 g0 i3.5 si8.5 gm0.45 | 12SA7GT
12SJ7 | pentode | 8N | 12.6/0.15 | p300 s125 w2.5 sw0.7 | p250 s100 g-3 i3 si0.8 gm1.65 | 12SJ7GT
12SK7 | variable pentode | 8N | 12.6/0.15 | p300 s125 w4 sw0.4 | p250 s100 g-3 i9.2 si2.6 gm2 | 12SK7GT
12SL7GT | double triode | 8BD | 12.6/0.15 | p250 w1 | p250 g-2 i2.3 gm1.6 mu70 ra44 | 12SL7
12SN7GT | double triode | 8BD | 12.6/0.3 | p300 w2.5 | p250 g-8 i9 gm2.6 mu20 ra7.7 | 12SN7
12SQ7 | diode triode | 8Q | 12.6/0.15 | p300 w0.5 | p250 g-2 i1.1 gm1.175 mu100 ra91 | 12SQ7GT
12V6GT | beam | 7AC | 12.6/0.225 | p315 s285 w12 sw2 | p250 s250 g-12.5 i45 si4.5 gm4.1 | 12V6
25A6 | power pentode | 7S | 25/0.3 | p160 s135 w5.3 sw1.9 | p95 s95 g-15 i20 si4 gm2 | 25A6G 25A6GT
25L6GT | beam | 7AC | 25/0.3 | p200 s125 w10 sw1.25 | p110 s110 g-7.5 i49 si4 gm9 | 25L6 25L6G
35L6GT | beam | 7AC | 35/0.15 | p200 s125 w8.5 sw1 | p110 s110 g-7.5 i40 si3 gm5.8 | 35L6
50L6GT | beam | 7AC | 50/0.15 | p200 s125 w10 sw1.25 | p110 s110 g-7.5 i49 si4 gm9 | 50L6
7A7 | variable pentode | 8V | 6.3/0.3 | p300 s125 w4 | p250 s100 g-3 i9.2 si2.6 gm2 | 7A7LM
7B7 | variable pentode | 8V | 6.3/0.15 | p300 s100 w2.25 | p250 s100 g-3 i8.5 si1.7 gm1.75
7C5 | beam | 6AA | 6.3/0.45 | p315 s285 w12 sw2 | p250 s250 g-12.5 i45 si4.5 gm4.1 | 7C5LT
7C7 | pentode | 8V | 6.3/0.15 | p300 s100 w1 | p250 s100 g-3 i2 si0.5 gm1.3
7Q7 | converter | 8AL | 6.3/0.3 | p300 s100 w1 | p250 s100 g0 i3.5 si8.5 gm0.55
14A7 | variable pentode | 8V | 12.6/0.15 | p300 s125 w4 | p250 s100 g-3 i9.2 si2.6 gm2 | 12B7
14Q7 | converter | 8AL | 12.6/0.15 | p300 s100 w1 | p250 s100 g0 i3.5 si8.5 gm0.55
1A5GT | power pentode | 6X | 1.4/0.05 | p110 s110 | p90 s90 g-4.5 i4 si0.8 gm0.85 | 1A5
1A7GT | converter | 7Z | 1.4/0.05 | p110 s60 | p90 s45 g0 i0.6 si0.7 gm0.25 | 1A7 DK32
1H5GT | diode triode | 5Z | 1.4/0.05 | p110 | p90 g0 i0.15 gm0.275 mu65 | 1H5 DAC32
1N5GT | pentode | 5Y | 1.4/0.05 | p110 s110 | p90 s90 g0 i1.2 si0.3 gm0.75 | 1N5 DF33
3Q5GT | beam | 7AP | 1.4/0.1 2.8/0.05 | p110 s110 | p90 s90 g-4.5 i8 si1 gm2 | 3Q5 DL33
1L4 | pentode | 6AR | 1.4/0.05 | p110 s90 | p90 s90 g0 i4.5 si2 gm1.025 | DF92
1R5 | converter | 7AT | 1.4/0.05 | p90 s67.5 | p90 s67.5 g0 i1.6 si3.2 gm0.3 | DK91
1S5 | diode pentode | 6AU | 1.4/0.05 | p90 s90 | p67.5 s67.5 g0 i1.6 si0.4 gm0.625 | DAF91
1T4 | variable pentode | 6AR | 1.4/0.05 | p110 s90 | p90 s67.5 g0 i3.5 si1.4 gm0.9 | DF91
1U4 | pentode | 6AR | 1.4/0.05 | p110 s110 | p90 s90 g0 i1.6 si0.5 gm0.9
1U5 | diode pentode | 6BW | 1.4/0.05 | p90 s90 | p67.5 s67.5 g0 i1.6 si0.4 gm0.625
3Q4 | power pentode | 7BA | 1.4/0.1 2.8/0.05 | p90 s90 | p90 s90 g-4.5 i9.5 si2.1 gm2.15 | DL95
3S4 | power pentode | 7BA | 1.4/0.1 2.8/0.05 | p90 s67.5 | p90 s67.5 g-7 i7.4 si1.4 gm1.575 | DL92
3V4 | power pentode | 6BX | 1.4/0.1 2.8/0.05 | p90 s90 | p90 s90 g-4.5 i9.5 si2.1 gm2.15 | DL94
6AG5 | pentode | 7BD | 6.3/0.3 | p300 s150 w2 sw0.5 | p250 s150 g-1.5 i6.5 si2 gm5 | EF96
6AH6 | pentode | 7BK | 6.3/0.45 | p300 s150 w3.2 sw0.4 | p300 s150 g-2 i10 si2.5 gm9
6AK5 | pentode | 7BD | 6.3/0.175 | p180 s140 w1.7 sw0.5 | p180 s120 g-2 i7.7 si2.4 gm5.1 | EF95 5654
6AL5 | diodes | 6BT | 6.3/0.3 | idc9 piv330 rms117 | | EB91 EAA91
6AQ5 | beam | 7BZ | 6.3/0.45 | p250 s250 w12 sw2 | p250 s250 g-12.5 i45 si4.5 gm4.1 ; p180 s180 g-8.5 i29 si3 gm3.7 | EL90 6AQ5A 6005
6AT6 | diode triode | 7BT | 6.3/0.3 | p300 w0.5 | p250 g-3 i1 gm1.2 mu70 ra58 | EBC90
6AU6 | pentode | 7BK | 6.3/0.3 | p300 s150 w3 sw0.65 | p250 s150 g-1 i10.6 si4.3 gm5.2 | EF94 6AU6A
6AV6 | diode triode | 7BT | 6.3/0.3 | p300 w0.5 | p250 g-2 i1.2 gm1.6 mu100 ra62.5 | EBC91
6BA6 | variable pentode | 7BK | 6.3/0.3 | p300 s125 w3 sw0.6 | p250 s100 g-1 i11 si4.2 gm4.4 | EF93 5749
6BD6 | variable pentode | 7BK | 6.3/0.3 | p300 s125 w4 sw0.4 | p250 s100 g-3 i9 si3 gm2
6BE6 | converter | 7CH | 6.3/0.3 | p300 s100 w1 sw1 | p250 s100 g-1.5 i2.9 si6.8 gm0.475 | EK90 5750
6BF6 | diode triode | 7BT | 6.3/0.3 | p300 w2.5 | p250 g-9 i9.5 gm1.9 mu16 ra8.5
6BH6 | pentode | 7CM | 6.3/0.15 | p300 s150 w3 sw0.5 | p250 s150 g-1 i7.4 si2.9 gm4.6
6BJ6 | variable pentode | 7CM | 6.3/0.15 | p300 s125 w3 sw0.6 | p250 s100 g-1 i9.2 si3.3 gm3.8
6C4 | triode | 6BG | 6.3/0.15 | p300 w3.5 | p250 g-8.5 i10.5 gm2.2 mu17 ra7.7 | EC90 6100
6CB6 | pentode | 7CM | 6.3/0.3 | p300 s150 w2 sw0.5 | p200 s150 g-2.2 i9.5 si2.8 gm6.2 | 6CB6A
6J6 | double triode | 7BF | 6.3/0.45 | p300 w1.5 | p100 g-0.9 i8.5 gm5.3 mu38 ra7.1 | ECC91 6101
12AL5 | diodes | 6BT | 12.6/0.15 | idc9 piv330 rms117
12AQ5 | beam | 7BZ | 12.6/0.225 | p250 s250 w12 sw2 | p250 s250 g-12.5 i45 si4.5 gm4.1
12AT6 | diode triode | 7BT | 12.6/0.15 | p300 w0.5 | p250 g-3 i1 gm1.2 mu70 ra58 | HBC90
12AU6 | pentode | 7BK | 12.6/0.15 | p300 s150 w3 sw0.65 | p250 s150 g-1 i10.6 si4.3 gm5.2 | HF94
12AV6 | diode triode | 7BT | 12.6/0.15 | p300 w0.5 | p250 g-2 i1.2 gm1.6 mu100 ra62.5 | HBC91
12BA6 | variable pentode | 7BK | 12.6/0.15 | p300 s125 w3 sw0.6 | p250 s100 g-1 i11 si4.2 gm4.4 | HF93
12BD6 | variable pentode | 7BK | 12.6/0.15 | p300 s125 w4 sw0.4 | p250 s100 g-3 i9 si3 gm2
12BE6 | converter | 7CH | 12.6/0.15 | p300 s100 w1 sw1 | p250 s100 g-1.5 i2.9 si6.8 gm0.475 | HK90
26A6 | variable pentode | 7BK | 26.5/0.07 | p250 s125 w3 sw0.6 | p250 s100 g-1.3 i10.5 si4 gm4
26D6 | converter | 7CH | 26.5/0.07 | p300 s100 w1 sw1 | p250 s100 g-1.5 i3 si7.8 gm0.475
35B5 | beam | 7BZ | 35/0.15 | p117 s117 w4.5 sw1 | p110 s110 g-7.5 i40 si3 gm5.8
35C5 | beam | 7CV | 35/0.15 | p135 s117 w4.5 sw1 | p110 s110 g-7.5 i40 si3 gm5.8
50B5 | beam | 7BZ | 50/0.15 | p117 s117 w5.5 sw1.25 | p110 s110 g-7.5 i49 si4 gm7.5
50C5 | beam | 7CV | 50/0.15 | p135 s117 w5.5 sw1.25 | p110 s110 g-7.5 i49 si4 gm7.5 | HL92
12AT7 | double triode | 9A | 12.6/0.15 6.3/0.3 | p300 w2.5 | p250 g-2 i10 gm5.5 mu60 ra10.9 | ECC81 6201
12AU7 | double triode | 9A | 12.6/0.15 6.3/0.3 | p300 w2.75 | p250 g-8.5 i10.5 gm2.2 mu17 ra7.7 | ECC82 12AU7A 6189
12AV7 | double triode | 9A | 12.6/0.225 6.3/0.45 | p300 w2.7 | p150 g-1 i18 gm8.5 mu41
5965 | double triode | 9A | 12.6/0.225 6.3/0.45 | p300 w2.2 | p150 g-1.8 i8.2 gm6.5 mu47 ra7.25 | | made for computers: cut off for years without growing tired
12AX7 | double triode | 9A | 12.6/0.15 6.3/0.3 | p300 w1 | p250 g-2 i1.2 gm1.6 mu100 ra62.5 | ECC83 12AX7A 7025
12AY7 | double triode | 9A | 12.6/0.15 6.3/0.3 | p300 w1.5 | p250 g-4 i3 gm1.75 mu44 ra25 | 6072
12BH7A | double triode | 9A | 12.6/0.3 6.3/0.6 | p300 w3.5 | p250 g-10.5 i11.5 gm3.1 mu16.5 ra5.3 | 12BH7
5751 | double triode | 9A | 12.6/0.175 6.3/0.35 | p330 w0.8 | p250 g-3 i1 gm1.2 mu70 ra58
5814A | double triode | 9A | 12.6/0.175 6.3/0.35 | p330 w3 | p250 g-8.5 i10.5 gm2.2 mu17 ra7.7 | 5814
5687 | double triode | 9H | 12.6/0.45 6.3/0.9 | p300 w4.2 | p120 g-2 i36 gm11 mu18 ; p250 g-12.5 i12 gm5.4 mu16
6BQ7A | double triode | 9AJ | 6.3/0.4 | p250 w2 | p150 g-2 i9 gm6.4 mu38 ra5.9 | 6BQ7
6CG7 | double triode | 9AJ | 6.3/0.6 | p300 w3.5 | p250 g-8 i9 gm2.6 mu20 ra7.7 | 6FQ7
6CL6 | power pentode | 9BV | 6.3/0.65 | p300 s300 w7.5 sw1.7 | p250 s150 g-3 i30 si7 gm11 | 6197
6U8A | triode pentode | 9AE | 6.3/0.45 | p300 s300 w2.8 sw0.5 | p250 s110 g-0.9 i10 si3.5 gm5.2 | 6U8 ECF82
12BY7A | power pentode | 9BF | 12.6/0.3 6.3/0.6 | p300 s180 w6.5 sw1.1 | p250 s180 g-3.2 i26 si5.75 gm11 | 12BY7
6BG6G | beam | 5BT | 6.3/0.9 | p700 s350 w20 sw3.2 | p250 s250 g-15 i75 si4 gm6 | 6BG6GA
6BQ6GT | beam | 6AM | 6.3/1.2 | p600 s200 w11 sw2.5 | T p250 s150 g-22.5 i55 si2.1 gm5.5 | 6BQ6
6BQ6GTB | beam | 6AM | 6.3/1.2 | p600 s200 w11 sw2.5 | T p250 s150 g-22.5 i57 si2.1 gm5.9 | 6CU6
6CD6G | beam | 5BT | 6.3/2.5 | p700 s175 w15 sw3 | p175 s175 g-30 i75 si5.5 gm7.7 | 6CD6 6CD6GA
6DQ6A | beam | 6AM | 6.3/1.2 | p700 s200 w15 sw3 | T p250 s150 g-22.5 i75 si2.4 gm6.6 | 6DQ6
`;
