/** Receiving tubes of European lettering. The columns are those of receiving.ts. */
export const EUROPEAN = `
DAF96 | diode pentode | 6AU | 1.4/0.025 | p90 s90 | | 1AH5
DF96 | variable pentode | 6AR | 1.4/0.025 | p120 s90 | p85 s64 g0 i1.65 si0.55 gm0.85 | 1AJ4
DK92 | converter | 1AC6 | 1.4/0.05 | p90 s90 | p85 s60 g0 i0.65 si0.15 gm0.325 | 1AC6
DK96 | converter | 1AC6 | 1.4/0.025 | p90 s90 | p85 s68 g0 i0.6 si0.14 gm0.3 | 1AB6 | oscillates poorly below about 1.2 V of filament
DL96 | power pentode | 6BX | 1.4/0.05 2.8/0.025 | p90 s90 | p85 s85 g-5.2 i5 si0.9 gm1.4 | 3C4
EABC80 | diode triode | 9E | 6.3/0.45 | p300 w1 | p250 g-3 i1 gm1.2 mu70 | 6AK8
EAF42 | diode pentode | EAF42 | 6.3/0.2 | p300 s300 w2 sw0.3 | p250 s85 g-2 i5 si1.5 gm2 | 6CT7
EBC33 | diode triode | 7V | 6.3/0.2 | p300 w1.5 | p250 g-5.5 i5 gm2 mu30
EBC41 | diode triode | EBC41 | 6.3/0.23 | p300 w0.5 | p250 g-3 i1 gm1.2 mu70 | 6CV7
EBF80 | diode pentode | 9T | 6.3/0.3 | p300 s300 w1.5 sw0.3 | p250 s85 g-2 i5 si1.75 gm2.2 | 6N8
EBF89 | diode pentode | 9T | 6.3/0.3 | p300 s300 w2.25 sw0.45 | p250 s100 g-2 i9 si2.7 gm3.8 | 6DC8
ECC32 | double triode | 8BD | 6.3/0.95 | p300 w5 | p250 g-4.6 i6 gm2.3 mu32
ECC33 | double triode | 8BD | 6.3/0.4 | p300 w2.5 | p250 g-4 i9 gm3.6 mu35
ECC35 | double triode | 8BD | 6.3/0.4 | p300 w1.5 | p250 g-2.5 i2.3 gm2 mu68
ECC85 | double triode | 9AJ | 6.3/0.435 | p300 w2.5 | p250 g-2.3 i10 gm5.9 mu57 | 6AQ8
ECC88 | double triode | 9AJ | 6.3/0.365 | p130 w1.8 | p90 g-1.3 i15 gm12.5 mu33 | 6DJ8
ECF80 | triode pentode | 9AE | 6.3/0.43 | p250 s175 w1.7 sw0.5 | p170 s170 g-2 i10 si2.8 gm6.2 | 6BL8
ECH35 | converter | 8K | 6.3/0.3 | p300 s125 w1.5 | p250 s100 g-2 i3 si3 gm0.65
ECH42 | converter | ECH42 | 6.3/0.23 | p300 s125 w1.5 sw0.3 | p250 s85 g-2 i3 si3 gm0.75 | 6CU7
ECH81 | converter | 9CA | 6.3/0.3 | p300 s125 w1.7 sw1 | p250 s103 g-2 i3.25 si6.7 gm0.775 | 6AJ8
ECL82 | triode pentode | 9EX | 6.3/0.78 | p300 s300 w7 sw1.8 | p200 s200 g-16 i35 si7 gm6.4 | 6BM8
ECL86 | triode pentode | ECL86 | 6.3/0.66 | p300 s300 w9 sw1.8 | p250 s250 g-7 i36 si6 gm10 | 6GW8
EF37A | pentode | 7R | 6.3/0.2 | p300 s125 w1 | p250 s100 g-2 i3 si0.8 gm1.8 | EF37 EF36
EF39 | variable pentode | 7R | 6.3/0.2 | p300 s125 w1.5 | p250 s100 g-2.5 i6 si1.7 gm2.2
EF41 | variable pentode | EF41 | 6.3/0.2 | p300 s300 w2 sw0.3 | p250 s100 g-2.5 i6 si1.7 gm2.2 | 6CJ5
EF80 | pentode | 9AQ | 6.3/0.3 | p300 s300 w2.5 sw0.7 | p250 s250 g-3.5 i10 si2.8 gm6.8 ; p170 s170 g-2 i10 si2.5 gm7.4 | 6BX6
EF85 | variable pentode | 9AQ | 6.3/0.3 | p300 s300 w2.5 sw0.65 | p250 s100 g-2 i10 si2.5 gm6 | 6BY7
EF86 | pentode | 9CQ | 6.3/0.2 | p300 s200 w1 sw0.2 | p250 s140 g-2 i3 si0.6 gm2 | 6267 | made for low noise and microphony
EF89 | variable pentode | 9AQ | 6.3/0.2 | p300 s300 w2.25 sw0.45 | p250 s100 g-2 i9 si3 gm3.6 | 6DA6
EF91 | pentode | 7DB | 6.3/0.3 | p300 s300 w2.5 sw0.65 | p250 s250 g-2 i10 si2.55 gm7.65 | 6AM6 Z77
EF92 | variable pentode | 7DB | 6.3/0.2 | p300 s250 w2.5 sw0.6 | p250 s200 g-2.5 i8 si2 gm2.5 | 6CQ6 W77
EF183 | variable pentode | 9AQ | 6.3/0.3 | p250 s250 w2.5 sw0.65 | p200 s90 g-2 i12 si4.5 gm12.5 | 6EH7
EF184 | pentode | 9AQ | 6.3/0.3 | p250 s250 w2.5 sw0.9 | p200 s200 g-2.5 i10 si4.1 gm15 | 6EJ7
EL33 | power pentode | 7S | 6.3/0.9 | p250 s250 w9 sw1.2 | p250 s250 g-6 i36 si4 gm9 | 6M6G
EL34 | power pentode | 8EP | 6.3/1.5 | p800 s500 w25 sw8 | p250 s265 g-13.5 i100 si14.9 gm11 | 6CA7
EL37 | power pentode | 7S | 6.3/1.4 | p800 s400 w25 sw6 | p250 s250 g-13.5 i100 si13.5 gm11
EL41 | power pentode | EL41 | 6.3/0.71 | p300 s300 w9 sw1.4 | p250 s250 g-7 i36 si5.2 gm10 | 6CK5
EL84 | power pentode | 9CV | 6.3/0.76 | p300 s300 w12 sw2 | p250 s250 g-7.3 i48 si5.5 gm11.3 | 6BQ5
7189 | power pentode | 9CV | 6.3/0.76 | p400 s300 w12 sw2 | p250 s250 g-7.3 i48 si5.5 gm11.3 | | the 7189A has another screen limit and pins of its own
EL86 | power pentode | 9CV | 6.3/0.76 | p250 s200 w12 sw1.75 | p170 s170 g-12.5 i70 si5 gm10 | 6CW5
EM80 | indicator | EM80 | 6.3/0.3 | p300 | p250 g-1 i2 | 6BR5
UM80 | indicator | EM80 | 19/0.1 | p250 | p170 g-1 i1.4 | 19BR5
EM81 | indicator | EM80 | 6.3/0.3 | p300 | p250 g-1 i2 | 6DA5
EM34 | indicator | ? octal | 6.3/0.2 | p250 | | 6CD7 | two sensitivities in one bulb
EM84 | indicator | EM84 | 6.3/0.21 | p300 | p250 g0 i0.45
AL4 | power pentode | ? side-contact | 4/1.75 | p250 s250 w9 sw1.2 | p250 s250 g-6 i36 si4 gm9.5
EL3N | power pentode | ? side-contact | 6.3/0.9 | p250 s250 w9 sw1.2 | p250 s250 g-6 i36 si4 gm9 | EL3
EBL1 | diode power pentode | ? side-contact | 6.3/1.18 | p250 s250 w9 sw1.2 | p250 s250 g-6 i36 si4 gm9.5 | | unsure: heater current, 1.18 A on most sheets
EBL21 | diode power pentode | ? key | 6.3/0.8 | p300 s300 w11 sw2.5 | p250 s250 g-6 i36 si4.5 gm9
UBL21 | diode power pentode | ? key | 55/0.1 | p250 s250 w11 sw2.5 | p200 s200 g-13 i55 si9.5 gm8
VL4 | power pentode | ? side-contact | 110/0.05 | p250 s250 w9 | p200 s200 g-8.5 i45 si6 gm8 | | unsure: operation and limits, taken from one sheet
ECH3 | converter | ? side-contact | 6.3/0.2 | p300 s125 w1.5 | p250 s100 g-2 i3 si3 gm0.65
ECH21 | converter | ? key | 6.3/0.33 | p300 s125 w1.5 | p250 s100 g-2 i3 si6.2 gm0.75
UCH21 | converter | ? key | 20/0.1 | p250 s125 w1.5 | p200 s100 g-2 i3.5 si6.5 gm0.75
EF50 | pentode | EF50 | 6.3/0.3 | p300 s300 w3 sw1.7 | p250 s250 g-2 i10 si3 gm6.5 | VR91
E88CC | double triode | 9AJ | 6.3/0.3 | p220 w1.5 | p90 g-1.2 i15 gm12.5 mu33 | 6922 CCa
PL36 | beam | 8GT | 25/0.3 | p250 s250 w12 sw5 | p100 s100 g-8.2 i100 si7 gm14 | 25E5 | made for pulses at some kilovolts on its cap
PL81 | power pentode | ? noval | 21.5/0.3 | p300 s250 w8 sw4.5 | p200 s200 g-28 i40 si2.8 gm6 | 21A6 | made for pulses at some kilovolts on its cap
PL509 | beam | ? magnoval | 40/0.3 | p700 s275 w30 sw7 | T p160 s160 g0 i1400 si45 | PL519 40KG6 | unsure: the operation is a pulse, not one that it stands; made for pulses at some kilovolts on its cap
EL509 | beam | ? magnoval | 6.3/2 | p700 s275 w30 sw7 | T p160 s160 g0 i1400 si45 | EL519 6KG6 | unsure: the operation is a pulse, not one that it stands; made for pulses at some kilovolts on its cap
KT61 | beam | 7AC | 6.3/0.95 | p250 s250 w10 sw1.7 | p250 s250 g-4.4 i40 si7.5 gm10.5
KT66 | beam | 7AC | 6.3/1.27 | p500 s500 w25 sw3.5 | p250 s250 g-15 i85 si6.3 gm7
KT88 | beam | 7AC | 6.3/1.6 | p800 s600 w35 sw6 | p250 s250 g-15 i140 si3 gm11.5
PABC80 | diode triode | 9E | 9.5/0.3 | p300 w1 | p250 g-3 i1 gm1.2 mu70 | 9AK8
PCC85 | double triode | 9AJ | 9/0.3 | p250 w2.5 | p200 g-2.1 i10 gm5.8 mu50 | 9AQ8
PCC88 | double triode | 9AJ | 7/0.3 | p130 w1.8 | p90 g-1.3 i15 gm12.5 mu33 | 7DJ8
PCF80 | triode pentode | 9AE | 9/0.3 | p250 s175 w1.7 sw0.5 | p170 s170 g-2 i10 si2.8 gm6.2 | 9A8
PCL82 | triode pentode | 9EX | 16/0.3 | p250 s250 w7 sw1.8 | p200 s200 g-16 i35 si7 gm6.4 | 16A8
PCL86 | triode pentode | ECL86 | 14.5/0.3 | p250 s250 w9 sw1.8 | p230 s230 g-5.7 i39 si6.5 gm10.5 | 14GW8
PL84 | power pentode | 9CV | 15/0.3 | p250 s200 w12 sw1.75 | p170 s170 g-12.5 i70 si5 gm10 | 15CW5
UABC80 | diode triode | 9E | 28.5/0.1 | p250 w1 | p170 g-1.55 i1.5 gm1.65 mu70 | 28AK8
UAF42 | diode pentode | EAF42 | 12.6/0.1 | p250 s250 w2 sw0.3 | p170 s85 g-2 i5 si1.5 gm2 | 12S7
UBC41 | diode triode | EBC41 | 14/0.1 | p250 w0.5 | p170 g-1.55 i1.5 gm1.65 mu70 | 14L7
UBF80 | diode pentode | 9T | 17/0.1 | p250 s250 w1.5 sw0.3 | p170 s85 g-2 i5 si1.75 gm2.2 | 17N8
UBF89 | diode pentode | 9T | 19/0.1 | p250 s250 w2.25 sw0.45 | p170 s100 g-2 i9 si2.7 gm3.8 | 19FL8
UCC85 | double triode | 9AJ | 26/0.1 | p250 w2.5 | p170 g-1.5 i10 gm6 mu48 | 26AQ8
UCH42 | converter | ECH42 | 14/0.1 | p250 s125 w1.5 sw0.3 | p170 s70 g-1.85 i2.1 si2.6 gm0.67 | 14K7
UCH81 | converter | 9CA | 19/0.1 | p250 s125 w1.7 sw1 | p170 s87 g-2 i3 si6 gm0.75 | 19D8
UCL82 | triode pentode | 9EX | 50/0.1 | p250 s250 w7 sw1.8 | p170 s170 g-11.5 i41 si8 gm7.5 | 50BM8
UF41 | variable pentode | EF41 | 12.6/0.1 | p250 s250 w2 sw0.3 | p170 s100 g-2.5 i6 si1.75 gm2.2 | 12AC5
UF80 | pentode | 9AQ | 19/0.1 | p250 s250 w2.5 sw0.7 | p170 s170 g-2 i10 si2.5 gm7.4 | 19BX6
UF85 | variable pentode | 9AQ | 19/0.1 | p250 s250 w2.5 sw0.65 | p170 s100 g-2 i10 si2.5 gm6 | 19BY7
UF89 | variable pentode | 9AQ | 12.6/0.1 | p250 s250 w2.25 sw0.45 | p170 s100 g-2 i9 si3 gm3.6 | 12DA6
UL41 | power pentode | EL41 | 45/0.1 | p250 s250 w9 sw1.75 | p165 s165 g-9 i54.5 si9 gm9.5 | 45A5
UL84 | power pentode | 9CV | 45/0.1 | p250 s200 w12 sw1.75 | p170 s170 g-12.5 i70 si5 gm10 | 45B5
`;
