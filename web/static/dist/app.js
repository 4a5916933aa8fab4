var Im=Object.defineProperty;var It=(s,t,e)=>()=>{if(e)throw e[0];try{return s&&(t=s(s=0)),t}catch(i){throw e=[i],i}};var Lm=(s,t)=>{for(var e in t)Im(s,e,{get:t[e],enumerable:!0})};function Dm(s){for(let t=s.length-1;t>=0;--t)if(s[t]>=65535)return!0;return!1}function Nm(s){return ArrayBuffer.isView(s)&&!(s instanceof DataView)}function wr(s){return document.createElementNS("http://www.w3.org/1999/xhtml",s)}function rf(){let s=wr("canvas");return s.style.display="block",s}function Sh(...s){let t="THREE."+s.shift();Es?Es("log",t,...s):console.log(t,...s)}function of(s){let t=s[0];if(typeof t=="string"&&t.startsWith("TSL:")){let e=s[1];e&&e.isStackTrace?s[0]+=" "+e.getLocation():s[1]='Stack trace not available. Enable "THREE.Node.captureStackTrace" to capture stack traces.'}return s}function Nt(...s){s=of(s);let t="THREE."+s.shift();if(Es)Es("warn",t,...s);else{let e=s[0];e&&e.isStackTrace?console.warn(e.getError(t)):console.warn(t,...s)}}function Bt(...s){s=of(s);let t="THREE."+s.shift();if(Es)Es("error",t,...s);else{let e=s[0];e&&e.isStackTrace?console.error(e.getError(t)):console.error(t,...s)}}function gr(...s){let t=s.join(" ");t in Vu||(Vu[t]=!0,Nt(...s))}function af(s,t,e){return new Promise(function(i,n){function r(){switch(s.clientWaitSync(t,s.SYNC_FLUSH_COMMANDS_BIT,0)){case s.WAIT_FAILED:n();break;case s.TIMEOUT_EXPIRED:setTimeout(r,e);break;default:i()}}setTimeout(r,e)})}function Hs(){let s=Math.random()*4294967295|0,t=Math.random()*4294967295|0,e=Math.random()*4294967295|0,i=Math.random()*4294967295|0;return(je[s&255]+je[s>>8&255]+je[s>>16&255]+je[s>>24&255]+"-"+je[t&255]+je[t>>8&255]+"-"+je[t>>16&15|64]+je[t>>24&255]+"-"+je[e&63|128]+je[e>>8&255]+"-"+je[e>>16&255]+je[e>>24&255]+je[i&255]+je[i>>8&255]+je[i>>16&255]+je[i>>24&255]).toLowerCase()}function zt(s,t,e){return Math.max(t,Math.min(e,s))}function bh(s,t){return(s%t+t)%t}function Um(s,t,e,i,n){return i+(s-t)*(n-i)/(e-t)}function Fm(s,t,e){return s!==t?(e-s)/(t-s):0}function xr(s,t,e){return(1-e)*s+e*t}function Om(s,t,e,i){return xr(s,t,1-Math.exp(-e*i))}function Bm(s,t=1){return t-Math.abs(bh(s,t*2)-t)}function km(s,t,e){return s<=t?0:s>=e?1:(s=(s-t)/(e-t),s*s*(3-2*s))}function zm(s,t,e){return s<=t?0:s>=e?1:(s=(s-t)/(e-t),s*s*s*(s*(s*6-15)+10))}function Vm(s,t){return s+Math.floor(Math.random()*(t-s+1))}function Hm(s,t){return s+Math.random()*(t-s)}function Gm(s){return s*(.5-Math.random())}function Wm(s){s!==void 0&&(Hu=s);let t=Hu+=1831565813;return t=Math.imul(t^t>>>15,t|1),t^=t+Math.imul(t^t>>>7,t|61),((t^t>>>14)>>>0)/4294967296}function qm(s){return s*_r}function Xm(s){return s*As}function Ym(s){return s>0&&Number.isInteger(s)&&2**Math.round(Math.log2(s))===s}function $m(s){return Math.pow(2,Math.ceil(Math.log(s)/Math.LN2))}function Mh(s){return Math.pow(2,Math.floor(Math.log(s)/Math.LN2))}function Zm(s,t,e,i,n){let r=Math.cos,o=Math.sin,a=r(e/2),l=o(e/2),c=r((t+i)/2),h=o((t+i)/2),u=r((t-i)/2),d=o((t-i)/2),f=r((i-t)/2),m=o((i-t)/2);switch(n){case"XYX":s.set(a*h,l*u,l*d,a*c);break;case"YZY":s.set(l*d,a*h,l*u,a*c);break;case"ZXZ":s.set(l*u,l*d,a*h,a*c);break;case"XZX":s.set(a*h,l*m,l*f,a*c);break;case"YXY":s.set(l*f,a*h,l*m,a*c);break;case"ZYZ":s.set(l*m,l*f,a*h,a*c);break;default:Nt("MathUtils: .setQuaternionFromProperEuler() encountered an unknown order: "+n)}}function wh(s){switch(s.constructor){case Uint32Array:return 4294967295;case Uint16Array:return 65535;case Uint8Array:case Uint8ClampedArray:return 255;case Int32Array:return 2147483647;case Int16Array:return 32767;case Int8Array:return 127;default:return}}function cf(s,t){if(t.constructor===Float32Array)return s;let e=wh(t);if(e===void 0)throw new Error("THREE.MathUtils: Invalid component type.");return Math.max(s/e,-1)}function hf(s,t){if(t.constructor===Float32Array)return s;let e=wh(t);if(e===void 0)throw new Error("THREE.MathUtils: Invalid component type.");return Math.round(s*e)}function Jm(){let s={enabled:!0,workingColorSpace:br,spaces:{},convert:function(n,r,o){return this.enabled===!1||r===o||!r||!o||(this.spaces[r].transfer===ce&&(n.r=li(n.r),n.g=li(n.g),n.b=li(n.b)),this.spaces[r].primaries!==this.spaces[o].primaries&&(n.applyMatrix3(this.spaces[r].toXYZ),n.applyMatrix3(this.spaces[o].fromXYZ)),this.spaces[o].transfer===ce&&(n.r=Ms(n.r),n.g=Ms(n.g),n.b=Ms(n.b))),n},workingToColorSpace:function(n,r){return this.convert(n,this.workingColorSpace,r)},colorSpaceToWorking:function(n,r){return this.convert(n,r,this.workingColorSpace)},getPrimaries:function(n){return this.spaces[n].primaries},getTransfer:function(n){return n===gi?Mr:this.spaces[n].transfer},getToneMappingMode:function(n){return this.spaces[n].outputColorSpaceConfig.toneMappingMode||"standard"},getLuminanceCoefficients:function(n,r=this.workingColorSpace){return n.fromArray(this.spaces[r].luminanceCoefficients)},define:function(n){Object.assign(this.spaces,n)},_getMatrix:function(n,r,o){return n.copy(this.spaces[o].fromXYZ).multiply(this.spaces[r].toXYZ)},_getDrawingBufferColorSpace:function(n){return this.spaces[n].outputColorSpaceConfig.drawingBufferColorSpace},_getUnpackColorSpace:function(n=this.workingColorSpace){return this.spaces[n].workingColorSpaceConfig.unpackColorSpace}},t=[.64,.33,.3,.6,.15,.06],e=[.2126,.7152,.0722],i=[.3127,.329];return s.define({[br]:{primaries:t,whitePoint:i,transfer:Mr,toXYZ:Wu,fromXYZ:qu,luminanceCoefficients:e,workingColorSpaceConfig:{unpackColorSpace:ln},outputColorSpaceConfig:{drawingBufferColorSpace:ln}},[ln]:{primaries:t,whitePoint:i,transfer:ce,toXYZ:Wu,fromXYZ:qu,luminanceCoefficients:e,outputColorSpaceConfig:{drawingBufferColorSpace:ln}}}),s}function li(s){return s<.04045?s*.0773993808:Math.pow(s*.9478672986+.0521327014,2.4)}function Ms(s){return s<.0031308?s*12.92:1.055*Math.pow(s,.41666)-.055}function pc(s){return typeof HTMLImageElement<"u"&&s instanceof HTMLImageElement||typeof HTMLCanvasElement<"u"&&s instanceof HTMLCanvasElement||typeof ImageBitmap<"u"&&s instanceof ImageBitmap?aa.getDataURL(s):s.data?{data:Array.from(s.data),width:s.width,height:s.height,type:s.data.constructor.name}:(Nt("Texture: Unable to serialize Texture."),{})}function _c(s,t,e){return e<0&&(e+=1),e>1&&(e-=1),e<1/6?s+(t-s)*6*e:e<1/2?t:e<2/3?s+(t-s)*6*(2/3-e):s}function Tc(s,t,e,i,n){for(let r=0,o=s.length-3;r<=o;r+=3){qi.fromArray(s,r);let a=n.x*Math.abs(qi.x)+n.y*Math.abs(qi.y)+n.z*Math.abs(qi.z),l=t.dot(qi),c=e.dot(qi),h=i.dot(qi);if(Math.max(-Math.max(l,c,h),Math.min(l,c,h))>a)return!1}return!0}function dg(s,t,e,i,n,r,o,a){let l;if(t.side===Ye?l=i.intersectTriangle(o,r,n,!0,a):l=i.intersectTriangle(n,r,o,t.side===Hn,a),l===null)return null;Fo.copy(a),Fo.applyMatrix4(s.matrixWorld);let c=e.ray.origin.distanceTo(Fo);return c<e.near||c>e.far?null:{distance:c,point:Fo.clone(),object:s}}function Oo(s,t,e,i,n,r,o,a,l,c){s.getVertexPosition(a,Lo),s.getVertexPosition(l,Do),s.getVertexPosition(c,No);let h=dg(s,t,e,i,Lo,Do,No,nd);if(h){let u=new P;en.getBarycoord(nd,Lo,Do,No,u),n&&(h.uv=en.getInterpolatedAttribute(n,a,l,c,u,new ut)),r&&(h.uv1=en.getInterpolatedAttribute(r,a,l,c,u,new ut)),o&&(h.normal=en.getInterpolatedAttribute(o,a,l,c,u,new P),h.normal.dot(i.direction)>0&&h.normal.multiplyScalar(-1));let d={a,b:l,c,normal:new P,materialIndex:0};en.getNormal(Lo,Do,No,d.normal),h.face=d,h.barycoord=u}return h}function Ic(s,t){return s-t}function pg(s,t){return s.z-t.z}function mg(s,t){return t.z-s.z}function vg(s,t,e=0){let i=t.itemSize;if(s.isInterleavedBufferAttribute||s.array.constructor!==t.array.constructor){let n=s.count;for(let r=0;r<n;r++)for(let o=0;o<i;o++)t.setComponent(r+e,o,s.getComponent(r,o))}else t.array.set(s.array,e*i);t.needsUpdate=!0}function Xn(s,t){if(s.constructor!==t.constructor){let e=Math.min(s.length,t.length);for(let i=0;i<e;i++)t[i]=s[i]}else{let e=Math.min(s.length,t.length);t.set(new s.constructor(s.buffer,0,e))}}function Ho(s,t,e,i,n,r,o){let a=s.geometry.attributes.position;if(ha.fromBufferAttribute(a,n),ua.fromBufferAttribute(a,r),e.distanceSqToSegment(ha,ua,Nc,ad)>i)return;Nc.applyMatrix4(s.matrixWorld);let c=t.ray.origin.distanceTo(Nc);if(!(c<t.near||c>t.far))return{distance:c,point:ad.clone().applyMatrix4(s.matrixWorld),index:o,face:null,faceIndex:null,barycoord:null,object:s}}function ud(s,t,e,i,n,r,o){let a=qc.distanceSqToPoint(s);if(a<e){let l=new P;qc.closestPointToPoint(s,l),l.applyMatrix4(i);let c=n.ray.origin.distanceTo(l);if(c<n.near||c>n.far)return;r.push({distance:c,distanceToRay:Math.sqrt(a),point:l,index:t,face:null,faceIndex:null,barycoord:null,object:o})}}function Eh(){let s=0,t=0,e=0,i=0;function n(r,o,a,l){s=r,t=a,e=-3*r+3*o-2*a-l,i=2*r-2*o+a+l}return{initCatmullRom:function(r,o,a,l,c){n(o,a,c*(a-r),c*(l-o))},initNonuniformCatmullRom:function(r,o,a,l,c,h,u){let d=(o-r)/c-(a-r)/(c+h)+(a-o)/h,f=(a-o)/h-(l-o)/(h+u)+(l-a)/u;d*=h,f*=h,n(o,a,d,f)},calc:function(r){let o=r*r,a=o*r;return s+t*r+e*o+i*a}}}function pd(s,t,e,i,n){let r=(i-t)*.5,o=(n-e)*.5,a=s*s,l=s*a;return(2*e-2*i+r+o)*l+(-3*e+3*i-2*r-o)*a+r*s+e}function Sg(s,t){let e=1-s;return e*e*t}function bg(s,t){return 2*(1-s)*s*t}function Mg(s,t){return s*s*t}function yr(s,t,e,i){return Sg(s,t)+bg(s,e)+Mg(s,i)}function wg(s,t){let e=1-s;return e*e*e*t}function Tg(s,t){let e=1-s;return 3*e*e*s*t}function Eg(s,t){return 3*(1-s)*s*s*t}function Ag(s,t){return s*s*s*t}function vr(s,t,e,i,n){return wg(s,t)+Tg(s,e)+Eg(s,i)+Ag(s,n)}function is(s){let t={};for(let e in s){t[e]={};for(let i in s[e]){let n=s[e][i];if(md(n))n.isRenderTargetTexture?(Nt("UniformsUtils: Textures of render targets cannot be cloned via cloneUniforms() or mergeUniforms()."),t[e][i]=null):t[e][i]=n.clone();else if(Array.isArray(n))if(md(n[0])){let r=[];for(let o=0,a=n.length;o<a;o++)r[o]=n[o].clone();t[e][i]=r}else t[e][i]=n.slice();else t[e][i]=n}}return t}function sn(s){let t={};for(let e=0;e<s.length;e++){let i=is(s[e]);for(let n in i)t[n]=i[n]}return t}function md(s){return s&&(s.isColor||s.isMatrix3||s.isMatrix4||s.isVector2||s.isVector3||s.isVector4||s.isTexture||s.isQuaternion)}function Rg(s){let t=[];for(let e=0;e<s.length;e++)t.push(s[e].clone());return t}function Ah(s){let t=s.getRenderTarget();return t===null?s.outputColorSpace:t.isXRRenderTarget===!0?t.texture.colorSpace:Kt.workingColorSpace}function xs(s,t){return!s||s.constructor===t?s:typeof t.BYTES_PER_ELEMENT=="number"?new t(s):Array.prototype.slice.call(s)}function qo(s){return s!==void 0&&s.inTangents!==void 0&&s.outTangents!==void 0}function ff(s,t,e,i,n){let r=1-s;return r*r*r*t+3*r*r*s*e+3*r*s*s*i+s*s*s*n}function Lg(s,t,e,i,n){let r=1-s;return 3*r*r*(e-t)+6*r*s*(i-e)+3*s*s*(n-i)}function Dg(s,t,e,i,n){let r=(s-t)/(n-t);for(let o=0;o<8;o++){let a=ff(r,t,e,i,n)-s;if(Math.abs(a)<1e-10)break;let l=Lg(r,t,e,i,n);if(Math.abs(l)<1e-10)break;r=Math.max(0,Math.min(1,r-a/l))}return r}function gd(s,t){for(let e=0,i=s.length;e!==i;e+=2)s[e]+=t}function _d(s,t){for(let e=0,i=s.length;e!==i;e+=2)s[e]*=t}function Md(s,t){return s.distance-t.distance}function $c(s,t,e,i){let n=!0;if(s.layers.test(t.layers)&&s.raycast(t,e)===!1&&(n=!1),n===!0&&i===!0){let r=s.children;for(let o=0,a=r.length;o<a;o++)$c(r[o],t,e,!0)}}function Ph(s,t,e,i){let n=Wg(i);switch(e){case ph:return s*t;case gh:return s*t/n.components*n.byteLength;case Zr:return s*t/n.components*n.byteLength;case Li:return s*t*2/n.components*n.byteLength;case Ha:return s*t*2/n.components*n.byteLength;case mh:return s*t*3/n.components*n.byteLength;case wn:return s*t*4/n.components*n.byteLength;case Ga:return s*t*4/n.components*n.byteLength;case Jr:case Kr:return Math.floor((s+3)/4)*Math.floor((t+3)/4)*8;case jr:case Qr:return Math.floor((s+3)/4)*Math.floor((t+3)/4)*16;case qa:case Ya:return Math.max(s,16)*Math.max(t,8)/4;case Wa:case Xa:return Math.max(s,8)*Math.max(t,8)/2;case $a:case Za:case Ka:case ja:return Math.floor((s+3)/4)*Math.floor((t+3)/4)*8;case Ja:case to:case Qa:return Math.floor((s+3)/4)*Math.floor((t+3)/4)*16;case tl:return Math.floor((s+3)/4)*Math.floor((t+3)/4)*16;case el:return Math.floor((s+4)/5)*Math.floor((t+3)/4)*16;case nl:return Math.floor((s+4)/5)*Math.floor((t+4)/5)*16;case il:return Math.floor((s+5)/6)*Math.floor((t+4)/5)*16;case sl:return Math.floor((s+5)/6)*Math.floor((t+5)/6)*16;case rl:return Math.floor((s+7)/8)*Math.floor((t+4)/5)*16;case ol:return Math.floor((s+7)/8)*Math.floor((t+5)/6)*16;case al:return Math.floor((s+7)/8)*Math.floor((t+7)/8)*16;case ll:return Math.floor((s+9)/10)*Math.floor((t+4)/5)*16;case cl:return Math.floor((s+9)/10)*Math.floor((t+5)/6)*16;case hl:return Math.floor((s+9)/10)*Math.floor((t+7)/8)*16;case ul:return Math.floor((s+9)/10)*Math.floor((t+9)/10)*16;case dl:return Math.floor((s+11)/12)*Math.floor((t+9)/10)*16;case fl:return Math.floor((s+11)/12)*Math.floor((t+11)/12)*16;case pl:case ml:case gl:return Math.ceil(s/4)*Math.ceil(t/4)*16;case _l:case xl:return Math.ceil(s/4)*Math.ceil(t/4)*8;case eo:case yl:return Math.ceil(s/4)*Math.ceil(t/4)*16}throw new Error(`Unable to determine texture byte length for ${e} format.`)}function Wg(s){switch(s){case _n:case hh:return{byteLength:1,components:1};case Vs:case uh:case Gn:return{byteLength:2,components:1};case za:case Va:return{byteLength:2,components:4};case Nn:case ka:case Mn:return{byteLength:4,components:1};case dh:case fh:return{byteLength:4,components:3}}throw new Error(`THREE.TextureUtils: Unknown texture type ${s}.`)}var Dn,Ii,Td,Jc,Ed,Yr,Ad,Bs,Hn,Ye,fn,Qi,ks,Kc,jc,Qc,Cd,ts,Rd,Pd,Id,Ld,Dd,Nd,Ud,Fd,th,eh,Od,Bd,kd,zd,Vd,Hd,Gd,Wd,qd,Ko,jo,Qo,ws,ta,ea,na,ia,Ua,Xd,Yd,Kn,nh,ih,sh,rh,oh,ah,lh,ch,es,zs,Fa,Oa,sa,$n,ra,Ve,$d,$r,un,Ba,pi,_n,hh,uh,Vs,ka,Nn,Mn,Gn,za,Va,ns,dh,fh,ph,mh,wn,ci,mi,gh,Zr,Li,Ha,Ga,Jr,Kr,jr,Qr,Wa,qa,Xa,Ya,$a,Za,Ja,Ka,ja,to,Qa,tl,el,nl,il,sl,rl,ol,al,ll,cl,hl,ul,dl,fl,pl,ml,gl,_l,xl,eo,yl,Sr,oa,Zo,zc,Vc,Hc,Gc,Zd,vl,Jd,gi,ln,br,Mr,ce,Jo,Kd,jd,Qd,tf,_h,ef,nf,xh,yh,sf,vh,Pn,Ts,Vu,Es,lf,zn,je,Hu,_r,As,Th,ut,nn,P,dc,Gu,Vt,fc,Wu,qu,Kt,ls,aa,Km,Cs,jm,mc,gn,ve,la,Tn,Tr,ca,kt,cs,On,Qm,tg,Si,bo,Sn,Xu,Yu,hi,Rs,eg,$u,hs,ii,Mo,ur,ng,ig,Zu,Ju,Ku,ju,sg,us,gc,He,hn,rg,Ps,uf,bi,wo,qt,Qe,Er,Bn,si,xc,ri,ds,fs,Qu,yc,vc,Sc,bc,Mc,wc,en,re,oi,kn,To,ps,ms,gs,Mi,wi,Wi,dr,Eo,Ao,qi,De,Co,og,we,Ar,Cr,Ne,ag,fr,Ec,Xe,lg,Rn,Ac,_s,bn,pr,ze,Te,Cc,cg,hg,qe,ug,Zn,ai,Rc,Ro,Po,Vn,ui,td,Xi,Io,ed,Lo,Do,No,Pc,Uo,nd,Fo,Ee,Zi,Yi,fg,Bo,di,id,Rr,Wc,mn,gg,_g,xg,ko,$i,Lc,sd,rd,yg,Dc,tn,zo,Pr,Ji,ha,ua,od,mr,Vo,Nc,ad,In,ld,cd,Ei,Is,Ls,hd,qc,Go,Wo,Ai,Ir,fi,Lr,Dr,Ds,da,Nr,Ln,Ur,fa,dd,fd,Uc,Fc,Oc,Ki,pa,ma,ga,_a,xa,Fr,ya,Cg,Or,Ns,df,Pg,Ig,Jn,va,Br,Sa,ba,ji,Ci,Ma,wa,Ta,Ea,En,Ri,Aa,Ca,Ra,kr,Pi,Pa,Ia,pf,La,Us,zr,Bc,xd,yd,Da,Xo,Yo,Yn,Vr,Ti,vd,Sd,cn,Hr,Xc,Gr,Wr,ys,vs,Fs,Na,Ch,Ng,Rh,Ug,Fg,Og,Bg,kg,zg,Vg,Yc,ye,TS,bd,qr,Os,Zc,wd,$o,Ss,bs,kc,Hg,Gg,dn,Xr,Ih=It(()=>{Dn={LEFT:0,MIDDLE:1,RIGHT:2,ROTATE:0,DOLLY:1,PAN:2},Ii={ROTATE:0,PAN:1,DOLLY_PAN:2,DOLLY_ROTATE:3},Td=0,Jc=1,Ed=2,Yr=1,Ad=2,Bs=3,Hn=0,Ye=1,fn=2,Qi=0,ks=1,Kc=2,jc=3,Qc=4,Cd=5,ts=100,Rd=101,Pd=102,Id=103,Ld=104,Dd=200,Nd=201,Ud=202,Fd=203,th=204,eh=205,Od=206,Bd=207,kd=208,zd=209,Vd=210,Hd=211,Gd=212,Wd=213,qd=214,Ko=0,jo=1,Qo=2,ws=3,ta=4,ea=5,na=6,ia=7,Ua=0,Xd=1,Yd=2,Kn=0,nh=1,ih=2,sh=3,rh=4,oh=5,ah=6,lh=7,ch=300,es=301,zs=302,Fa=303,Oa=304,sa=1e3,$n=1001,ra=1002,Ve=1003,$d=1004,$r=1005,un=1006,Ba=1007,pi=1008,_n=1009,hh=1010,uh=1011,Vs=1012,ka=1013,Nn=1014,Mn=1015,Gn=1016,za=1017,Va=1018,ns=1020,dh=35902,fh=35899,ph=1021,mh=1022,wn=1023,ci=1026,mi=1027,gh=1028,Zr=1029,Li=1030,Ha=1031,Ga=1033,Jr=33776,Kr=33777,jr=33778,Qr=33779,Wa=35840,qa=35841,Xa=35842,Ya=35843,$a=36196,Za=37492,Ja=37496,Ka=37488,ja=37489,to=37490,Qa=37491,tl=37808,el=37809,nl=37810,il=37811,sl=37812,rl=37813,ol=37814,al=37815,ll=37816,cl=37817,hl=37818,ul=37819,dl=37820,fl=37821,pl=36492,ml=36494,gl=36495,_l=36283,xl=36284,eo=36285,yl=36286,Sr=2300,oa=2301,Zo=2302,zc=2303,Vc=2400,Hc=2401,Gc=2402,Zd=3200,vl=0,Jd=1,gi="",ln="srgb",br="srgb-linear",Mr="linear",ce="srgb",Jo=7680,Kd=519,jd=512,Qd=513,tf=514,_h=515,ef=516,nf=517,xh=518,yh=519,sf=35044,vh="300 es",Pn=2e3,Ts=2001;Vu={},Es=null;lf={[Ko]:Ko,[Qo]:na,[ta]:ta,[ws]:ea,[jo]:jo,[na]:Qo,[ia]:ia,[ea]:ws},zn=class{addEventListener(t,e){this._listeners===void 0&&(this._listeners={});let i=this._listeners;i[t]===void 0&&(i[t]=[]),i[t].indexOf(e)===-1&&i[t].push(e)}hasEventListener(t,e){let i=this._listeners;return i===void 0?!1:i[t]!==void 0&&i[t].indexOf(e)!==-1}removeEventListener(t,e){let i=this._listeners;if(i===void 0)return;let n=i[t];if(n!==void 0){let r=n.indexOf(e);r!==-1&&n.splice(r,1)}}dispatchEvent(t){let e=this._listeners;if(e===void 0)return;let i=e[t.type];if(i!==void 0){t.target=this;let n=i.slice(0);for(let r=0,o=n.length;r<o;r++)n[r].call(this,t);t.target=null}}},je=["00","01","02","03","04","05","06","07","08","09","0a","0b","0c","0d","0e","0f","10","11","12","13","14","15","16","17","18","19","1a","1b","1c","1d","1e","1f","20","21","22","23","24","25","26","27","28","29","2a","2b","2c","2d","2e","2f","30","31","32","33","34","35","36","37","38","39","3a","3b","3c","3d","3e","3f","40","41","42","43","44","45","46","47","48","49","4a","4b","4c","4d","4e","4f","50","51","52","53","54","55","56","57","58","59","5a","5b","5c","5d","5e","5f","60","61","62","63","64","65","66","67","68","69","6a","6b","6c","6d","6e","6f","70","71","72","73","74","75","76","77","78","79","7a","7b","7c","7d","7e","7f","80","81","82","83","84","85","86","87","88","89","8a","8b","8c","8d","8e","8f","90","91","92","93","94","95","96","97","98","99","9a","9b","9c","9d","9e","9f","a0","a1","a2","a3","a4","a5","a6","a7","a8","a9","aa","ab","ac","ad","ae","af","b0","b1","b2","b3","b4","b5","b6","b7","b8","b9","ba","bb","bc","bd","be","bf","c0","c1","c2","c3","c4","c5","c6","c7","c8","c9","ca","cb","cc","cd","ce","cf","d0","d1","d2","d3","d4","d5","d6","d7","d8","d9","da","db","dc","dd","de","df","e0","e1","e2","e3","e4","e5","e6","e7","e8","e9","ea","eb","ec","ed","ee","ef","f0","f1","f2","f3","f4","f5","f6","f7","f8","f9","fa","fb","fc","fd","fe","ff"],Hu=1234567,_r=Math.PI/180,As=180/Math.PI;Th={DEG2RAD:_r,RAD2DEG:As,generateUUID:Hs,clamp:zt,euclideanModulo:bh,mapLinear:Um,inverseLerp:Fm,lerp:xr,damp:Om,pingpong:Bm,smoothstep:km,smootherstep:zm,randInt:Vm,randFloat:Hm,randFloatSpread:Gm,seededRandom:Wm,degToRad:qm,radToDeg:Xm,isPowerOfTwo:Ym,ceilPowerOfTwo:$m,floorPowerOfTwo:Mh,setQuaternionFromProperEuler:Zm,normalize:hf,denormalize:cf},ut=class{static{this.prototype.isVector2=!0}constructor(t=0,e=0){this.x=t,this.y=e}get width(){return this.x}set width(t){this.x=t}get height(){return this.y}set height(t){this.y=t}set(t,e){return this.x=t,this.y=e,this}setScalar(t){return this.x=t,this.y=t,this}setX(t){return this.x=t,this}setY(t){return this.y=t,this}setComponent(t,e){switch(t){case 0:this.x=e;break;case 1:this.y=e;break;default:throw new Error("THREE.Vector2: index is out of range: "+t)}return this}getComponent(t){switch(t){case 0:return this.x;case 1:return this.y;default:throw new Error("THREE.Vector2: index is out of range: "+t)}}clone(){return new this.constructor(this.x,this.y)}copy(t){return this.x=t.x,this.y=t.y,this}add(t){return this.x+=t.x,this.y+=t.y,this}addScalar(t){return this.x+=t,this.y+=t,this}addVectors(t,e){return this.x=t.x+e.x,this.y=t.y+e.y,this}addScaledVector(t,e){return this.x+=t.x*e,this.y+=t.y*e,this}sub(t){return this.x-=t.x,this.y-=t.y,this}subScalar(t){return this.x-=t,this.y-=t,this}subVectors(t,e){return this.x=t.x-e.x,this.y=t.y-e.y,this}multiply(t){return this.x*=t.x,this.y*=t.y,this}multiplyScalar(t){return this.x*=t,this.y*=t,this}divide(t){return this.x/=t.x,this.y/=t.y,this}divideScalar(t){return this.multiplyScalar(1/t)}applyMatrix3(t){let e=this.x,i=this.y,n=t.elements;return this.x=n[0]*e+n[3]*i+n[6],this.y=n[1]*e+n[4]*i+n[7],this}min(t){return this.x=Math.min(this.x,t.x),this.y=Math.min(this.y,t.y),this}max(t){return this.x=Math.max(this.x,t.x),this.y=Math.max(this.y,t.y),this}clamp(t,e){return this.x=zt(this.x,t.x,e.x),this.y=zt(this.y,t.y,e.y),this}clampScalar(t,e){return this.x=zt(this.x,t,e),this.y=zt(this.y,t,e),this}clampLength(t,e){let i=this.length();return this.divideScalar(i||1).multiplyScalar(zt(i,t,e))}floor(){return this.x=Math.floor(this.x),this.y=Math.floor(this.y),this}ceil(){return this.x=Math.ceil(this.x),this.y=Math.ceil(this.y),this}round(){return this.x=Math.round(this.x),this.y=Math.round(this.y),this}roundToZero(){return this.x=Math.trunc(this.x),this.y=Math.trunc(this.y),this}negate(){return this.x=-this.x,this.y=-this.y,this}dot(t){return this.x*t.x+this.y*t.y}cross(t){return this.x*t.y-this.y*t.x}lengthSq(){return this.x*this.x+this.y*this.y}length(){return Math.sqrt(this.x*this.x+this.y*this.y)}manhattanLength(){return Math.abs(this.x)+Math.abs(this.y)}normalize(){return this.divideScalar(this.length()||1)}angle(){return Math.atan2(-this.y,-this.x)+Math.PI}angleTo(t){let e=Math.sqrt(this.lengthSq()*t.lengthSq());if(e===0)return Math.PI/2;let i=this.dot(t)/e;return Math.acos(zt(i,-1,1))}distanceTo(t){return Math.sqrt(this.distanceToSquared(t))}distanceToSquared(t){let e=this.x-t.x,i=this.y-t.y;return e*e+i*i}manhattanDistanceTo(t){return Math.abs(this.x-t.x)+Math.abs(this.y-t.y)}setLength(t){return this.normalize().multiplyScalar(t)}lerp(t,e){return this.x+=(t.x-this.x)*e,this.y+=(t.y-this.y)*e,this}lerpVectors(t,e,i){return this.x=t.x+(e.x-t.x)*i,this.y=t.y+(e.y-t.y)*i,this}equals(t){return t.x===this.x&&t.y===this.y}fromArray(t,e=0){return this.x=t[e],this.y=t[e+1],this}toArray(t=[],e=0){return t[e]=this.x,t[e+1]=this.y,t}fromBufferAttribute(t,e){return this.x=t.getX(e),this.y=t.getY(e),this}rotateAround(t,e){let i=Math.cos(e),n=Math.sin(e),r=this.x-t.x,o=this.y-t.y;return this.x=r*i-o*n+t.x,this.y=r*n+o*i+t.y,this}random(){return this.x=Math.random(),this.y=Math.random(),this}*[Symbol.iterator](){yield this.x,yield this.y}},nn=class{constructor(t=0,e=0,i=0,n=1){this.isQuaternion=!0,this._x=t,this._y=e,this._z=i,this._w=n}static slerpFlat(t,e,i,n,r,o,a){let l=i[n+0],c=i[n+1],h=i[n+2],u=i[n+3],d=r[o+0],f=r[o+1],m=r[o+2],y=r[o+3];if(u!==y||l!==d||c!==f||h!==m){let p=l*d+c*f+h*m+u*y;p<0&&(d=-d,f=-f,m=-m,y=-y,p=-p);let g=1-a;if(p<.9995){let x=Math.acos(p),S=Math.sin(x);g=Math.sin(g*x)/S,a=Math.sin(a*x)/S,l=l*g+d*a,c=c*g+f*a,h=h*g+m*a,u=u*g+y*a}else{l=l*g+d*a,c=c*g+f*a,h=h*g+m*a,u=u*g+y*a;let x=1/Math.sqrt(l*l+c*c+h*h+u*u);l*=x,c*=x,h*=x,u*=x}}t[e]=l,t[e+1]=c,t[e+2]=h,t[e+3]=u}static multiplyQuaternionsFlat(t,e,i,n,r,o){let a=i[n],l=i[n+1],c=i[n+2],h=i[n+3],u=r[o],d=r[o+1],f=r[o+2],m=r[o+3];return t[e]=a*m+h*u+l*f-c*d,t[e+1]=l*m+h*d+c*u-a*f,t[e+2]=c*m+h*f+a*d-l*u,t[e+3]=h*m-a*u-l*d-c*f,t}get x(){return this._x}set x(t){this._x=t,this._onChangeCallback()}get y(){return this._y}set y(t){this._y=t,this._onChangeCallback()}get z(){return this._z}set z(t){this._z=t,this._onChangeCallback()}get w(){return this._w}set w(t){this._w=t,this._onChangeCallback()}set(t,e,i,n){return this._x=t,this._y=e,this._z=i,this._w=n,this._onChangeCallback(),this}clone(){return new this.constructor(this._x,this._y,this._z,this._w)}copy(t){return this._x=t.x,this._y=t.y,this._z=t.z,this._w=t.w,this._onChangeCallback(),this}setFromEuler(t,e=!0){let i=t._x,n=t._y,r=t._z,o=t._order,a=Math.cos,l=Math.sin,c=a(i/2),h=a(n/2),u=a(r/2),d=l(i/2),f=l(n/2),m=l(r/2);switch(o){case"XYZ":this._x=d*h*u+c*f*m,this._y=c*f*u-d*h*m,this._z=c*h*m+d*f*u,this._w=c*h*u-d*f*m;break;case"YXZ":this._x=d*h*u+c*f*m,this._y=c*f*u-d*h*m,this._z=c*h*m-d*f*u,this._w=c*h*u+d*f*m;break;case"ZXY":this._x=d*h*u-c*f*m,this._y=c*f*u+d*h*m,this._z=c*h*m+d*f*u,this._w=c*h*u-d*f*m;break;case"ZYX":this._x=d*h*u-c*f*m,this._y=c*f*u+d*h*m,this._z=c*h*m-d*f*u,this._w=c*h*u+d*f*m;break;case"YZX":this._x=d*h*u+c*f*m,this._y=c*f*u+d*h*m,this._z=c*h*m-d*f*u,this._w=c*h*u-d*f*m;break;case"XZY":this._x=d*h*u-c*f*m,this._y=c*f*u-d*h*m,this._z=c*h*m+d*f*u,this._w=c*h*u+d*f*m;break;default:Nt("Quaternion: .setFromEuler() encountered an unknown order: "+o)}return e===!0&&this._onChangeCallback(),this}setFromAxisAngle(t,e){let i=e/2,n=Math.sin(i);return this._x=t.x*n,this._y=t.y*n,this._z=t.z*n,this._w=Math.cos(i),this._onChangeCallback(),this}setFromRotationMatrix(t){let e=t.elements,i=e[0],n=e[4],r=e[8],o=e[1],a=e[5],l=e[9],c=e[2],h=e[6],u=e[10],d=i+a+u;if(d>0){let f=.5/Math.sqrt(d+1);this._w=.25/f,this._x=(h-l)*f,this._y=(r-c)*f,this._z=(o-n)*f}else if(i>a&&i>u){let f=2*Math.sqrt(1+i-a-u);this._w=(h-l)/f,this._x=.25*f,this._y=(n+o)/f,this._z=(r+c)/f}else if(a>u){let f=2*Math.sqrt(1+a-i-u);this._w=(r-c)/f,this._x=(n+o)/f,this._y=.25*f,this._z=(l+h)/f}else{let f=2*Math.sqrt(1+u-i-a);this._w=(o-n)/f,this._x=(r+c)/f,this._y=(l+h)/f,this._z=.25*f}return this._onChangeCallback(),this}setFromUnitVectors(t,e){let i=t.dot(e)+1;return i<1e-8?(i=0,Math.abs(t.x)>Math.abs(t.z)?(this._x=-t.y,this._y=t.x,this._z=0,this._w=i):(this._x=0,this._y=-t.z,this._z=t.y,this._w=i)):(this._x=t.y*e.z-t.z*e.y,this._y=t.z*e.x-t.x*e.z,this._z=t.x*e.y-t.y*e.x,this._w=i),this.normalize()}angleTo(t){return 2*Math.acos(Math.abs(zt(this.dot(t),-1,1)))}rotateTowards(t,e){let i=this.angleTo(t);if(i===0)return this;let n=Math.min(1,e/i);return this.slerp(t,n),this}identity(){return this.set(0,0,0,1)}invert(){return this.conjugate()}conjugate(){return this._x*=-1,this._y*=-1,this._z*=-1,this._onChangeCallback(),this}dot(t){return this._x*t._x+this._y*t._y+this._z*t._z+this._w*t._w}lengthSq(){return this._x*this._x+this._y*this._y+this._z*this._z+this._w*this._w}length(){return Math.sqrt(this._x*this._x+this._y*this._y+this._z*this._z+this._w*this._w)}normalize(){let t=this.length();return t===0?(this._x=0,this._y=0,this._z=0,this._w=1):(t=1/t,this._x=this._x*t,this._y=this._y*t,this._z=this._z*t,this._w=this._w*t),this._onChangeCallback(),this}multiply(t){return this.multiplyQuaternions(this,t)}premultiply(t){return this.multiplyQuaternions(t,this)}multiplyQuaternions(t,e){let i=t._x,n=t._y,r=t._z,o=t._w,a=e._x,l=e._y,c=e._z,h=e._w;return this._x=i*h+o*a+n*c-r*l,this._y=n*h+o*l+r*a-i*c,this._z=r*h+o*c+i*l-n*a,this._w=o*h-i*a-n*l-r*c,this._onChangeCallback(),this}slerp(t,e){let i=t._x,n=t._y,r=t._z,o=t._w,a=this.dot(t);a<0&&(i=-i,n=-n,r=-r,o=-o,a=-a);let l=1-e;if(a<.9995){let c=Math.acos(a),h=Math.sin(c);l=Math.sin(l*c)/h,e=Math.sin(e*c)/h,this._x=this._x*l+i*e,this._y=this._y*l+n*e,this._z=this._z*l+r*e,this._w=this._w*l+o*e,this._onChangeCallback()}else this._x=this._x*l+i*e,this._y=this._y*l+n*e,this._z=this._z*l+r*e,this._w=this._w*l+o*e,this.normalize();return this}slerpQuaternions(t,e,i){return this.copy(t).slerp(e,i)}random(){let t=2*Math.PI*Math.random(),e=2*Math.PI*Math.random(),i=Math.random(),n=Math.sqrt(1-i),r=Math.sqrt(i);return this.set(n*Math.sin(t),n*Math.cos(t),r*Math.sin(e),r*Math.cos(e))}equals(t){return t._x===this._x&&t._y===this._y&&t._z===this._z&&t._w===this._w}fromArray(t,e=0){return this._x=t[e],this._y=t[e+1],this._z=t[e+2],this._w=t[e+3],this._onChangeCallback(),this}toArray(t=[],e=0){return t[e]=this._x,t[e+1]=this._y,t[e+2]=this._z,t[e+3]=this._w,t}fromBufferAttribute(t,e){return this._x=t.getX(e),this._y=t.getY(e),this._z=t.getZ(e),this._w=t.getW(e),this._onChangeCallback(),this}toJSON(){return this.toArray()}_onChange(t){return this._onChangeCallback=t,this}_onChangeCallback(){}*[Symbol.iterator](){yield this._x,yield this._y,yield this._z,yield this._w}},P=class{static{this.prototype.isVector3=!0}constructor(t=0,e=0,i=0){this.x=t,this.y=e,this.z=i}set(t,e,i){return i===void 0&&(i=this.z),this.x=t,this.y=e,this.z=i,this}setScalar(t){return this.x=t,this.y=t,this.z=t,this}setX(t){return this.x=t,this}setY(t){return this.y=t,this}setZ(t){return this.z=t,this}setComponent(t,e){switch(t){case 0:this.x=e;break;case 1:this.y=e;break;case 2:this.z=e;break;default:throw new Error("THREE.Vector3: index is out of range: "+t)}return this}getComponent(t){switch(t){case 0:return this.x;case 1:return this.y;case 2:return this.z;default:throw new Error("THREE.Vector3: index is out of range: "+t)}}clone(){return new this.constructor(this.x,this.y,this.z)}copy(t){return this.x=t.x,this.y=t.y,this.z=t.z,this}add(t){return this.x+=t.x,this.y+=t.y,this.z+=t.z,this}addScalar(t){return this.x+=t,this.y+=t,this.z+=t,this}addVectors(t,e){return this.x=t.x+e.x,this.y=t.y+e.y,this.z=t.z+e.z,this}addScaledVector(t,e){return this.x+=t.x*e,this.y+=t.y*e,this.z+=t.z*e,this}sub(t){return this.x-=t.x,this.y-=t.y,this.z-=t.z,this}subScalar(t){return this.x-=t,this.y-=t,this.z-=t,this}subVectors(t,e){return this.x=t.x-e.x,this.y=t.y-e.y,this.z=t.z-e.z,this}multiply(t){return this.x*=t.x,this.y*=t.y,this.z*=t.z,this}multiplyScalar(t){return this.x*=t,this.y*=t,this.z*=t,this}multiplyVectors(t,e){return this.x=t.x*e.x,this.y=t.y*e.y,this.z=t.z*e.z,this}applyEuler(t){return this.applyQuaternion(Gu.setFromEuler(t))}applyAxisAngle(t,e){return this.applyQuaternion(Gu.setFromAxisAngle(t,e))}applyMatrix3(t){let e=this.x,i=this.y,n=this.z,r=t.elements;return this.x=r[0]*e+r[3]*i+r[6]*n,this.y=r[1]*e+r[4]*i+r[7]*n,this.z=r[2]*e+r[5]*i+r[8]*n,this}applyNormalMatrix(t){return this.applyMatrix3(t).normalize()}applyMatrix4(t){let e=this.x,i=this.y,n=this.z,r=t.elements,o=1/(r[3]*e+r[7]*i+r[11]*n+r[15]);return this.x=(r[0]*e+r[4]*i+r[8]*n+r[12])*o,this.y=(r[1]*e+r[5]*i+r[9]*n+r[13])*o,this.z=(r[2]*e+r[6]*i+r[10]*n+r[14])*o,this}applyQuaternion(t){let e=this.x,i=this.y,n=this.z,r=t.x,o=t.y,a=t.z,l=t.w,c=2*(o*n-a*i),h=2*(a*e-r*n),u=2*(r*i-o*e);return this.x=e+l*c+o*u-a*h,this.y=i+l*h+a*c-r*u,this.z=n+l*u+r*h-o*c,this}project(t){return this.applyMatrix4(t.matrixWorldInverse).applyMatrix4(t.projectionMatrix)}unproject(t){return this.applyMatrix4(t.projectionMatrixInverse).applyMatrix4(t.matrixWorld)}transformDirection(t){let e=this.x,i=this.y,n=this.z,r=t.elements;return this.x=r[0]*e+r[4]*i+r[8]*n,this.y=r[1]*e+r[5]*i+r[9]*n,this.z=r[2]*e+r[6]*i+r[10]*n,this.normalize()}divide(t){return this.x/=t.x,this.y/=t.y,this.z/=t.z,this}divideScalar(t){return this.multiplyScalar(1/t)}min(t){return this.x=Math.min(this.x,t.x),this.y=Math.min(this.y,t.y),this.z=Math.min(this.z,t.z),this}max(t){return this.x=Math.max(this.x,t.x),this.y=Math.max(this.y,t.y),this.z=Math.max(this.z,t.z),this}clamp(t,e){return this.x=zt(this.x,t.x,e.x),this.y=zt(this.y,t.y,e.y),this.z=zt(this.z,t.z,e.z),this}clampScalar(t,e){return this.x=zt(this.x,t,e),this.y=zt(this.y,t,e),this.z=zt(this.z,t,e),this}clampLength(t,e){let i=this.length();return this.divideScalar(i||1).multiplyScalar(zt(i,t,e))}floor(){return this.x=Math.floor(this.x),this.y=Math.floor(this.y),this.z=Math.floor(this.z),this}ceil(){return this.x=Math.ceil(this.x),this.y=Math.ceil(this.y),this.z=Math.ceil(this.z),this}round(){return this.x=Math.round(this.x),this.y=Math.round(this.y),this.z=Math.round(this.z),this}roundToZero(){return this.x=Math.trunc(this.x),this.y=Math.trunc(this.y),this.z=Math.trunc(this.z),this}negate(){return this.x=-this.x,this.y=-this.y,this.z=-this.z,this}dot(t){return this.x*t.x+this.y*t.y+this.z*t.z}lengthSq(){return this.x*this.x+this.y*this.y+this.z*this.z}length(){return Math.sqrt(this.x*this.x+this.y*this.y+this.z*this.z)}manhattanLength(){return Math.abs(this.x)+Math.abs(this.y)+Math.abs(this.z)}normalize(){return this.divideScalar(this.length()||1)}setLength(t){return this.normalize().multiplyScalar(t)}lerp(t,e){return this.x+=(t.x-this.x)*e,this.y+=(t.y-this.y)*e,this.z+=(t.z-this.z)*e,this}lerpVectors(t,e,i){return this.x=t.x+(e.x-t.x)*i,this.y=t.y+(e.y-t.y)*i,this.z=t.z+(e.z-t.z)*i,this}cross(t){return this.crossVectors(this,t)}crossVectors(t,e){let i=t.x,n=t.y,r=t.z,o=e.x,a=e.y,l=e.z;return this.x=n*l-r*a,this.y=r*o-i*l,this.z=i*a-n*o,this}projectOnVector(t){let e=t.lengthSq();if(e===0)return this.set(0,0,0);let i=t.dot(this)/e;return this.copy(t).multiplyScalar(i)}projectOnPlane(t){return dc.copy(this).projectOnVector(t),this.sub(dc)}reflect(t){return this.sub(dc.copy(t).multiplyScalar(2*this.dot(t)))}angleTo(t){let e=Math.sqrt(this.lengthSq()*t.lengthSq());if(e===0)return Math.PI/2;let i=this.dot(t)/e;return Math.acos(zt(i,-1,1))}distanceTo(t){return Math.sqrt(this.distanceToSquared(t))}distanceToSquared(t){let e=this.x-t.x,i=this.y-t.y,n=this.z-t.z;return e*e+i*i+n*n}manhattanDistanceTo(t){return Math.abs(this.x-t.x)+Math.abs(this.y-t.y)+Math.abs(this.z-t.z)}setFromSpherical(t){return this.setFromSphericalCoords(t.radius,t.phi,t.theta)}setFromSphericalCoords(t,e,i){let n=Math.sin(e)*t;return this.x=n*Math.sin(i),this.y=Math.cos(e)*t,this.z=n*Math.cos(i),this}setFromCylindrical(t){return this.setFromCylindricalCoords(t.radius,t.theta,t.y)}setFromCylindricalCoords(t,e,i){return this.x=t*Math.sin(e),this.y=i,this.z=t*Math.cos(e),this}setFromMatrixPosition(t){let e=t.elements;return this.x=e[12],this.y=e[13],this.z=e[14],this}setFromMatrixScale(t){let e=this.setFromMatrixColumn(t,0).length(),i=this.setFromMatrixColumn(t,1).length(),n=this.setFromMatrixColumn(t,2).length();return this.x=e,this.y=i,this.z=n,this}setFromMatrixColumn(t,e){return this.fromArray(t.elements,e*4)}setFromMatrix3Column(t,e){return this.fromArray(t.elements,e*3)}setFromEuler(t){return this.x=t._x,this.y=t._y,this.z=t._z,this}setFromColor(t){return this.x=t.r,this.y=t.g,this.z=t.b,this}equals(t){return t.x===this.x&&t.y===this.y&&t.z===this.z}fromArray(t,e=0){return this.x=t[e],this.y=t[e+1],this.z=t[e+2],this}toArray(t=[],e=0){return t[e]=this.x,t[e+1]=this.y,t[e+2]=this.z,t}fromBufferAttribute(t,e){return this.x=t.getX(e),this.y=t.getY(e),this.z=t.getZ(e),this}random(){return this.x=Math.random(),this.y=Math.random(),this.z=Math.random(),this}randomDirection(){let t=Math.random()*Math.PI*2,e=Math.random()*2-1,i=Math.sqrt(1-e*e);return this.x=i*Math.cos(t),this.y=e,this.z=i*Math.sin(t),this}*[Symbol.iterator](){yield this.x,yield this.y,yield this.z}},dc=new P,Gu=new nn,Vt=class{static{this.prototype.isMatrix3=!0}constructor(t,e,i,n,r,o,a,l,c){this.elements=[1,0,0,0,1,0,0,0,1],t!==void 0&&this.set(t,e,i,n,r,o,a,l,c)}set(t,e,i,n,r,o,a,l,c){let h=this.elements;return h[0]=t,h[1]=n,h[2]=a,h[3]=e,h[4]=r,h[5]=l,h[6]=i,h[7]=o,h[8]=c,this}identity(){return this.set(1,0,0,0,1,0,0,0,1),this}copy(t){let e=this.elements,i=t.elements;return e[0]=i[0],e[1]=i[1],e[2]=i[2],e[3]=i[3],e[4]=i[4],e[5]=i[5],e[6]=i[6],e[7]=i[7],e[8]=i[8],this}extractBasis(t,e,i){return t.setFromMatrix3Column(this,0),e.setFromMatrix3Column(this,1),i.setFromMatrix3Column(this,2),this}setFromMatrix4(t){let e=t.elements;return this.set(e[0],e[4],e[8],e[1],e[5],e[9],e[2],e[6],e[10]),this}multiply(t){return this.multiplyMatrices(this,t)}premultiply(t){return this.multiplyMatrices(t,this)}multiplyMatrices(t,e){let i=t.elements,n=e.elements,r=this.elements,o=i[0],a=i[3],l=i[6],c=i[1],h=i[4],u=i[7],d=i[2],f=i[5],m=i[8],y=n[0],p=n[3],g=n[6],x=n[1],S=n[4],v=n[7],M=n[2],w=n[5],_=n[8];return r[0]=o*y+a*x+l*M,r[3]=o*p+a*S+l*w,r[6]=o*g+a*v+l*_,r[1]=c*y+h*x+u*M,r[4]=c*p+h*S+u*w,r[7]=c*g+h*v+u*_,r[2]=d*y+f*x+m*M,r[5]=d*p+f*S+m*w,r[8]=d*g+f*v+m*_,this}multiplyScalar(t){let e=this.elements;return e[0]*=t,e[3]*=t,e[6]*=t,e[1]*=t,e[4]*=t,e[7]*=t,e[2]*=t,e[5]*=t,e[8]*=t,this}determinant(){let t=this.elements,e=t[0],i=t[1],n=t[2],r=t[3],o=t[4],a=t[5],l=t[6],c=t[7],h=t[8];return e*o*h-e*a*c-i*r*h+i*a*l+n*r*c-n*o*l}invert(){let t=this.elements,e=t[0],i=t[1],n=t[2],r=t[3],o=t[4],a=t[5],l=t[6],c=t[7],h=t[8],u=h*o-a*c,d=a*l-h*r,f=c*r-o*l,m=e*u+i*d+n*f;if(m===0)return this.set(0,0,0,0,0,0,0,0,0);let y=1/m;return t[0]=u*y,t[1]=(n*c-h*i)*y,t[2]=(a*i-n*o)*y,t[3]=d*y,t[4]=(h*e-n*l)*y,t[5]=(n*r-a*e)*y,t[6]=f*y,t[7]=(i*l-c*e)*y,t[8]=(o*e-i*r)*y,this}transpose(){let t,e=this.elements;return t=e[1],e[1]=e[3],e[3]=t,t=e[2],e[2]=e[6],e[6]=t,t=e[5],e[5]=e[7],e[7]=t,this}getNormalMatrix(t){return this.setFromMatrix4(t).invert().transpose()}transposeIntoArray(t){let e=this.elements;return t[0]=e[0],t[1]=e[3],t[2]=e[6],t[3]=e[1],t[4]=e[4],t[5]=e[7],t[6]=e[2],t[7]=e[5],t[8]=e[8],this}setUvTransform(t,e,i,n,r,o,a){let l=Math.cos(r),c=Math.sin(r);return this.set(i*l,i*c,-i*(l*o+c*a)+o+t,-n*c,n*l,-n*(-c*o+l*a)+a+e,0,0,1),this}scale(t,e){return gr("Matrix3: .scale() is deprecated. Use .makeScale() instead."),this.premultiply(fc.makeScale(t,e)),this}rotate(t){return gr("Matrix3: .rotate() is deprecated. Use .makeRotation() instead."),this.premultiply(fc.makeRotation(-t)),this}translate(t,e){return gr("Matrix3: .translate() is deprecated. Use .makeTranslation() instead."),this.premultiply(fc.makeTranslation(t,e)),this}makeTranslation(t,e){return t.isVector2?this.set(1,0,t.x,0,1,t.y,0,0,1):this.set(1,0,t,0,1,e,0,0,1),this}makeRotation(t){let e=Math.cos(t),i=Math.sin(t);return this.set(e,-i,0,i,e,0,0,0,1),this}makeScale(t,e){return this.set(t,0,0,0,e,0,0,0,1),this}equals(t){let e=this.elements,i=t.elements;for(let n=0;n<9;n++)if(e[n]!==i[n])return!1;return!0}fromArray(t,e=0){for(let i=0;i<9;i++)this.elements[i]=t[i+e];return this}toArray(t=[],e=0){let i=this.elements;return t[e]=i[0],t[e+1]=i[1],t[e+2]=i[2],t[e+3]=i[3],t[e+4]=i[4],t[e+5]=i[5],t[e+6]=i[6],t[e+7]=i[7],t[e+8]=i[8],t}clone(){return new this.constructor().fromArray(this.elements)}},fc=new Vt,Wu=new Vt().set(.4123908,.3575843,.1804808,.212639,.7151687,.0721923,.0193308,.1191948,.9505322),qu=new Vt().set(3.2409699,-1.5373832,-.4986108,-.9692436,1.8759675,.0415551,.0556301,-.203977,1.0569715);Kt=Jm();aa=class{static getDataURL(t,e="image/png"){if(/^data:/i.test(t.src)||typeof HTMLCanvasElement>"u")return t.src;let i;if(t instanceof HTMLCanvasElement)i=t;else{ls===void 0&&(ls=wr("canvas")),ls.width=t.width,ls.height=t.height;let n=ls.getContext("2d");t instanceof ImageData?n.putImageData(t,0,0):n.drawImage(t,0,0,t.width,t.height),i=ls}return i.toDataURL(e)}static sRGBToLinear(t){if(typeof HTMLImageElement<"u"&&t instanceof HTMLImageElement||typeof HTMLCanvasElement<"u"&&t instanceof HTMLCanvasElement||typeof ImageBitmap<"u"&&t instanceof ImageBitmap){let e=wr("canvas");e.width=t.width,e.height=t.height;let i=e.getContext("2d");i.drawImage(t,0,0,t.width,t.height);let n=i.getImageData(0,0,t.width,t.height),r=n.data;for(let o=0;o<r.length;o++)r[o]=li(r[o]/255)*255;return i.putImageData(n,0,0),e}else if(t.data){let e=t.data.slice(0);for(let i=0;i<e.length;i++)e instanceof Uint8Array||e instanceof Uint8ClampedArray?e[i]=Math.floor(li(e[i]/255)*255):e[i]=li(e[i]);return{data:e,width:t.width,height:t.height}}else return Nt("ImageUtils.sRGBToLinear(): Unsupported image type. No color space conversion applied."),t}},Km=0,Cs=class{constructor(t=null){this.isTextureSource=!0,Object.defineProperty(this,"id",{value:Km++}),this.uuid=Hs(),this.data=t,this.dataReady=!0,this.version=0}getSize(t){let e=this.data;return typeof HTMLVideoElement<"u"&&e instanceof HTMLVideoElement?t.set(e.videoWidth,e.videoHeight,0):typeof VideoFrame<"u"&&e instanceof VideoFrame?t.set(e.displayWidth,e.displayHeight,0):e!==null?t.set(e.width||0,e.height||0,e.depth||0):t.set(0,0,0),t}set needsUpdate(t){t===!0&&this.version++}toJSON(t){let e=t===void 0||typeof t=="string";if(!e&&t.images[this.uuid]!==void 0)return t.images[this.uuid];let i={uuid:this.uuid,url:""},n=this.data;if(n!==null){let r;if(Array.isArray(n)){r=[];for(let o=0,a=n.length;o<a;o++)n[o].isDataTexture?r.push(pc(n[o].image)):r.push(pc(n[o]))}else r=pc(n);i.url=r}return e||(t.images[this.uuid]=i),i}};jm=0,mc=new P,gn=class s extends zn{constructor(t=s.DEFAULT_IMAGE,e=s.DEFAULT_MAPPING,i=$n,n=$n,r=un,o=pi,a=wn,l=_n,c=s.DEFAULT_ANISOTROPY,h=gi){super(),this.isTexture=!0,Object.defineProperty(this,"id",{value:jm++}),this.uuid=Hs(),this.name="",this.source=new Cs(t),this.mipmaps=[],this.mapping=e,this.channel=0,this.wrapS=i,this.wrapT=n,this.magFilter=r,this.minFilter=o,this.anisotropy=c,this.format=a,this.internalFormat=null,this.type=l,this.offset=new ut(0,0),this.repeat=new ut(1,1),this.center=new ut(0,0),this.rotation=0,this.matrixAutoUpdate=!0,this.matrix=new Vt,this.generateMipmaps=!0,this.mipmapsAutoUpdate=!0,this.premultiplyAlpha=!1,this.flipY=!0,this.unpackAlignment=4,this.colorSpace=h,this.userData={},this.updateRanges=[],this.version=0,this.onUpdate=null,this.renderTarget=null,this.isRenderTargetTexture=!1,this.isArrayTexture=!!(t&&t.depth&&t.depth>1),this.pmremVersion=0,this.isPMREMTexture=!1,this.normalized=!1}get width(){return this.source.getSize(mc).x}get height(){return this.source.getSize(mc).y}get depth(){return this.source.getSize(mc).z}get image(){return this.source.data}set image(t){this.source.data=t}updateMatrix(){this.matrix.setUvTransform(this.offset.x,this.offset.y,this.repeat.x,this.repeat.y,this.rotation,this.center.x,this.center.y)}addUpdateRange(t,e){this.updateRanges.push({start:t,count:e})}clearUpdateRanges(){this.updateRanges.length=0}clone(){return new this.constructor().copy(this)}copy(t){return this.name=t.name,this.source=t.source,this.mipmaps=t.mipmaps.slice(0),this.mapping=t.mapping,this.channel=t.channel,this.wrapS=t.wrapS,this.wrapT=t.wrapT,this.magFilter=t.magFilter,this.minFilter=t.minFilter,this.anisotropy=t.anisotropy,this.format=t.format,this.internalFormat=t.internalFormat,this.type=t.type,this.normalized=t.normalized,this.offset.copy(t.offset),this.repeat.copy(t.repeat),this.center.copy(t.center),this.rotation=t.rotation,this.matrixAutoUpdate=t.matrixAutoUpdate,this.matrix.copy(t.matrix),this.generateMipmaps=t.generateMipmaps,this.mipmapsAutoUpdate=t.mipmapsAutoUpdate,this.premultiplyAlpha=t.premultiplyAlpha,this.flipY=t.flipY,this.unpackAlignment=t.unpackAlignment,this.colorSpace=t.colorSpace,this.renderTarget=t.renderTarget,this.isRenderTargetTexture=t.isRenderTargetTexture,this.isPMREMTexture=t.isPMREMTexture,this.isArrayTexture=t.isArrayTexture,this.userData=JSON.parse(JSON.stringify(t.userData)),this.needsUpdate=!0,this}setValues(t){for(let e in t){let i=t[e];if(i===void 0){Nt(`Texture.setValues(): parameter '${e}' has value of undefined.`);continue}let n=this[e];if(n===void 0){Nt(`Texture.setValues(): property '${e}' does not exist.`);continue}n&&i&&n.isVector2&&i.isVector2||n&&i&&n.isVector3&&i.isVector3||n&&i&&n.isMatrix3&&i.isMatrix3?n.copy(i):this[e]=i}}toJSON(t){let e=t===void 0||typeof t=="string";if(!e&&t.textures[this.uuid]!==void 0)return t.textures[this.uuid];let i={metadata:{version:4.7,type:"Texture",generator:"Texture.toJSON"},uuid:this.uuid,name:this.name,image:this.source.toJSON(t).uuid,mapping:this.mapping,channel:this.channel,repeat:[this.repeat.x,this.repeat.y],offset:[this.offset.x,this.offset.y],center:[this.center.x,this.center.y],rotation:this.rotation,wrap:[this.wrapS,this.wrapT],format:this.format,internalFormat:this.internalFormat,type:this.type,normalized:this.normalized,colorSpace:this.colorSpace,minFilter:this.minFilter,magFilter:this.magFilter,anisotropy:this.anisotropy,flipY:this.flipY,generateMipmaps:this.generateMipmaps,mipmapsAutoUpdate:this.mipmapsAutoUpdate,premultiplyAlpha:this.premultiplyAlpha,unpackAlignment:this.unpackAlignment};return Object.keys(this.userData).length>0&&(i.userData=this.userData),e||(t.textures[this.uuid]=i),i}dispose(){this.dispatchEvent({type:"dispose"})}transformUv(t){if(this.mapping!==ch)return t;if(t.applyMatrix3(this.matrix),t.x<0||t.x>1)switch(this.wrapS){case sa:t.x=t.x-Math.floor(t.x);break;case $n:t.x=t.x<0?0:1;break;case ra:Math.abs(Math.floor(t.x)%2)===1?t.x=Math.ceil(t.x)-t.x:t.x=t.x-Math.floor(t.x);break}if(t.y<0||t.y>1)switch(this.wrapT){case sa:t.y=t.y-Math.floor(t.y);break;case $n:t.y=t.y<0?0:1;break;case ra:Math.abs(Math.floor(t.y)%2)===1?t.y=Math.ceil(t.y)-t.y:t.y=t.y-Math.floor(t.y);break}return this.flipY&&(t.y=1-t.y),t}set needsUpdate(t){t===!0&&(this.version++,this.source.needsUpdate=!0)}set needsPMREMUpdate(t){t===!0&&this.pmremVersion++}};gn.DEFAULT_IMAGE=null;gn.DEFAULT_MAPPING=ch;gn.DEFAULT_ANISOTROPY=1;ve=class{static{this.prototype.isVector4=!0}constructor(t=0,e=0,i=0,n=1){this.x=t,this.y=e,this.z=i,this.w=n}get width(){return this.z}set width(t){this.z=t}get height(){return this.w}set height(t){this.w=t}set(t,e,i,n){return this.x=t,this.y=e,this.z=i,this.w=n,this}setScalar(t){return this.x=t,this.y=t,this.z=t,this.w=t,this}setX(t){return this.x=t,this}setY(t){return this.y=t,this}setZ(t){return this.z=t,this}setW(t){return this.w=t,this}setComponent(t,e){switch(t){case 0:this.x=e;break;case 1:this.y=e;break;case 2:this.z=e;break;case 3:this.w=e;break;default:throw new Error("THREE.Vector4: index is out of range: "+t)}return this}getComponent(t){switch(t){case 0:return this.x;case 1:return this.y;case 2:return this.z;case 3:return this.w;default:throw new Error("THREE.Vector4: index is out of range: "+t)}}clone(){return new this.constructor(this.x,this.y,this.z,this.w)}copy(t){return this.x=t.x,this.y=t.y,this.z=t.z,this.w=t.w!==void 0?t.w:1,this}add(t){return this.x+=t.x,this.y+=t.y,this.z+=t.z,this.w+=t.w,this}addScalar(t){return this.x+=t,this.y+=t,this.z+=t,this.w+=t,this}addVectors(t,e){return this.x=t.x+e.x,this.y=t.y+e.y,this.z=t.z+e.z,this.w=t.w+e.w,this}addScaledVector(t,e){return this.x+=t.x*e,this.y+=t.y*e,this.z+=t.z*e,this.w+=t.w*e,this}sub(t){return this.x-=t.x,this.y-=t.y,this.z-=t.z,this.w-=t.w,this}subScalar(t){return this.x-=t,this.y-=t,this.z-=t,this.w-=t,this}subVectors(t,e){return this.x=t.x-e.x,this.y=t.y-e.y,this.z=t.z-e.z,this.w=t.w-e.w,this}multiply(t){return this.x*=t.x,this.y*=t.y,this.z*=t.z,this.w*=t.w,this}multiplyScalar(t){return this.x*=t,this.y*=t,this.z*=t,this.w*=t,this}applyMatrix4(t){let e=this.x,i=this.y,n=this.z,r=this.w,o=t.elements;return this.x=o[0]*e+o[4]*i+o[8]*n+o[12]*r,this.y=o[1]*e+o[5]*i+o[9]*n+o[13]*r,this.z=o[2]*e+o[6]*i+o[10]*n+o[14]*r,this.w=o[3]*e+o[7]*i+o[11]*n+o[15]*r,this}divide(t){return this.x/=t.x,this.y/=t.y,this.z/=t.z,this.w/=t.w,this}divideScalar(t){return this.multiplyScalar(1/t)}setAxisAngleFromQuaternion(t){this.w=2*Math.acos(t.w);let e=Math.sqrt(1-t.w*t.w);return e<1e-4?(this.x=1,this.y=0,this.z=0):(this.x=t.x/e,this.y=t.y/e,this.z=t.z/e),this}setAxisAngleFromRotationMatrix(t){let e,i,n,r,l=t.elements,c=l[0],h=l[4],u=l[8],d=l[1],f=l[5],m=l[9],y=l[2],p=l[6],g=l[10];if(Math.abs(h-d)<.01&&Math.abs(u-y)<.01&&Math.abs(m-p)<.01){if(Math.abs(h+d)<.1&&Math.abs(u+y)<.1&&Math.abs(m+p)<.1&&Math.abs(c+f+g-3)<.1)return this.set(1,0,0,0),this;e=Math.PI;let S=(c+1)/2,v=(f+1)/2,M=(g+1)/2,w=(h+d)/4,_=(u+y)/4,b=(m+p)/4;return S>v&&S>M?S<.01?(i=0,n=.707106781,r=.707106781):(i=Math.sqrt(S),n=w/i,r=_/i):v>M?v<.01?(i=.707106781,n=0,r=.707106781):(n=Math.sqrt(v),i=w/n,r=b/n):M<.01?(i=.707106781,n=.707106781,r=0):(r=Math.sqrt(M),i=_/r,n=b/r),this.set(i,n,r,e),this}let x=Math.sqrt((p-m)*(p-m)+(u-y)*(u-y)+(d-h)*(d-h));return Math.abs(x)<.001&&(x=1),this.x=(p-m)/x,this.y=(u-y)/x,this.z=(d-h)/x,this.w=Math.acos((c+f+g-1)/2),this}setFromMatrixPosition(t){let e=t.elements;return this.x=e[12],this.y=e[13],this.z=e[14],this.w=e[15],this}min(t){return this.x=Math.min(this.x,t.x),this.y=Math.min(this.y,t.y),this.z=Math.min(this.z,t.z),this.w=Math.min(this.w,t.w),this}max(t){return this.x=Math.max(this.x,t.x),this.y=Math.max(this.y,t.y),this.z=Math.max(this.z,t.z),this.w=Math.max(this.w,t.w),this}clamp(t,e){return this.x=zt(this.x,t.x,e.x),this.y=zt(this.y,t.y,e.y),this.z=zt(this.z,t.z,e.z),this.w=zt(this.w,t.w,e.w),this}clampScalar(t,e){return this.x=zt(this.x,t,e),this.y=zt(this.y,t,e),this.z=zt(this.z,t,e),this.w=zt(this.w,t,e),this}clampLength(t,e){let i=this.length();return this.divideScalar(i||1).multiplyScalar(zt(i,t,e))}floor(){return this.x=Math.floor(this.x),this.y=Math.floor(this.y),this.z=Math.floor(this.z),this.w=Math.floor(this.w),this}ceil(){return this.x=Math.ceil(this.x),this.y=Math.ceil(this.y),this.z=Math.ceil(this.z),this.w=Math.ceil(this.w),this}round(){return this.x=Math.round(this.x),this.y=Math.round(this.y),this.z=Math.round(this.z),this.w=Math.round(this.w),this}roundToZero(){return this.x=Math.trunc(this.x),this.y=Math.trunc(this.y),this.z=Math.trunc(this.z),this.w=Math.trunc(this.w),this}negate(){return this.x=-this.x,this.y=-this.y,this.z=-this.z,this.w=-this.w,this}dot(t){return this.x*t.x+this.y*t.y+this.z*t.z+this.w*t.w}lengthSq(){return this.x*this.x+this.y*this.y+this.z*this.z+this.w*this.w}length(){return Math.sqrt(this.x*this.x+this.y*this.y+this.z*this.z+this.w*this.w)}manhattanLength(){return Math.abs(this.x)+Math.abs(this.y)+Math.abs(this.z)+Math.abs(this.w)}normalize(){return this.divideScalar(this.length()||1)}setLength(t){return this.normalize().multiplyScalar(t)}lerp(t,e){return this.x+=(t.x-this.x)*e,this.y+=(t.y-this.y)*e,this.z+=(t.z-this.z)*e,this.w+=(t.w-this.w)*e,this}lerpVectors(t,e,i){return this.x=t.x+(e.x-t.x)*i,this.y=t.y+(e.y-t.y)*i,this.z=t.z+(e.z-t.z)*i,this.w=t.w+(e.w-t.w)*i,this}equals(t){return t.x===this.x&&t.y===this.y&&t.z===this.z&&t.w===this.w}fromArray(t,e=0){return this.x=t[e],this.y=t[e+1],this.z=t[e+2],this.w=t[e+3],this}toArray(t=[],e=0){return t[e]=this.x,t[e+1]=this.y,t[e+2]=this.z,t[e+3]=this.w,t}fromBufferAttribute(t,e){return this.x=t.getX(e),this.y=t.getY(e),this.z=t.getZ(e),this.w=t.getW(e),this}random(){return this.x=Math.random(),this.y=Math.random(),this.z=Math.random(),this.w=Math.random(),this}*[Symbol.iterator](){yield this.x,yield this.y,yield this.z,yield this.w}},la=class extends zn{constructor(t=1,e=1,i={}){super(),i=Object.assign({generateMipmaps:!1,internalFormat:null,minFilter:un,depthBuffer:!0,stencilBuffer:!1,resolveColorBuffer:!0,resolveDepthBuffer:!0,resolveStencilBuffer:!0,storeMultisampledColorBuffer:!0,storeMultisampledDepthBuffer:!0,storeMultisampledStencilBuffer:!0,depthTexture:null,samples:0,count:1,depth:1,multiview:!1,useArrayDepthTexture:!1},i),this.isRenderTarget=!0,this.width=t,this.height=e,this.depth=i.depth,this.scissor=new ve(0,0,t,e),this.scissorTest=!1,this.viewport=new ve(0,0,t,e),this.textures=[];let n=i.count;for(let r=0;r<n;r++)this.textures[r]=new gn({width:t,height:e,depth:i.depth}),this.textures[r].isRenderTargetTexture=!0,this.textures[r].renderTarget=this;this._setTextureOptions(i),this.depthBuffer=i.depthBuffer,this.stencilBuffer=i.stencilBuffer,this.resolveColorBuffer=i.resolveColorBuffer,this.resolveDepthBuffer=i.resolveDepthBuffer,this.resolveStencilBuffer=i.resolveStencilBuffer,this.storeMultisampledColorBuffer=i.storeMultisampledColorBuffer,this.storeMultisampledDepthBuffer=i.storeMultisampledDepthBuffer,this.storeMultisampledStencilBuffer=i.storeMultisampledStencilBuffer,this._depthTexture=null,this.depthTexture=i.depthTexture,this.samples=i.samples,this.multiview=i.multiview,this.useArrayDepthTexture=i.useArrayDepthTexture}_setTextureOptions(t={}){let e={minFilter:un,generateMipmaps:!1,flipY:!1,internalFormat:null};t.mapping!==void 0&&(e.mapping=t.mapping),t.wrapS!==void 0&&(e.wrapS=t.wrapS),t.wrapT!==void 0&&(e.wrapT=t.wrapT),t.wrapR!==void 0&&(e.wrapR=t.wrapR),t.magFilter!==void 0&&(e.magFilter=t.magFilter),t.minFilter!==void 0&&(e.minFilter=t.minFilter),t.format!==void 0&&(e.format=t.format),t.type!==void 0&&(e.type=t.type),t.anisotropy!==void 0&&(e.anisotropy=t.anisotropy),t.colorSpace!==void 0&&(e.colorSpace=t.colorSpace),t.flipY!==void 0&&(e.flipY=t.flipY),t.generateMipmaps!==void 0&&(e.generateMipmaps=t.generateMipmaps),t.mipmapsAutoUpdate!==void 0&&(e.mipmapsAutoUpdate=t.mipmapsAutoUpdate),t.internalFormat!==void 0&&(e.internalFormat=t.internalFormat);for(let i=0;i<this.textures.length;i++)this.textures[i].setValues(e)}get texture(){return this.textures[0]}set texture(t){this.textures[0]=t}set depthTexture(t){this._depthTexture!==null&&this._depthTexture.renderTarget===this&&(this._depthTexture.renderTarget=null),t!==null&&t.renderTarget===null&&(t.renderTarget=this),this._depthTexture=t}get depthTexture(){return this._depthTexture}setSize(t,e,i=1){if(this.width!==t||this.height!==e||this.depth!==i){this.width=t,this.height=e,this.depth=i;for(let n=0,r=this.textures.length;n<r;n++)this.textures[n].image.width=t,this.textures[n].image.height=e,this.textures[n].image.depth=i,this.textures[n].isData3DTexture!==!0&&(this.textures[n].isArrayTexture=this.textures[n].image.depth>1);this.dispose()}this.viewport.set(0,0,t,e),this.scissor.set(0,0,t,e)}clone(){return new this.constructor().copy(this)}copy(t){this.width=t.width,this.height=t.height,this.depth=t.depth,this.scissor.copy(t.scissor),this.scissorTest=t.scissorTest,this.viewport.copy(t.viewport),this.textures.length=0;for(let e=0,i=t.textures.length;e<i;e++){this.textures[e]=t.textures[e].clone(),this.textures[e].isRenderTargetTexture=!0,this.textures[e].renderTarget=this;let n=Object.assign({},t.textures[e].image);this.textures[e].source=new Cs(n)}if(this.depthBuffer=t.depthBuffer,this.stencilBuffer=t.stencilBuffer,this.resolveColorBuffer=t.resolveColorBuffer,this.resolveDepthBuffer=t.resolveDepthBuffer,this.resolveStencilBuffer=t.resolveStencilBuffer,this.storeMultisampledColorBuffer=t.storeMultisampledColorBuffer,this.storeMultisampledDepthBuffer=t.storeMultisampledDepthBuffer,this.storeMultisampledStencilBuffer=t.storeMultisampledStencilBuffer,t.depthTexture!==null)if(t.depthTexture.renderTarget===t){let e=t.depthTexture.clone();e.renderTarget=null,this.depthTexture=e}else this.depthTexture=t.depthTexture;else this.depthTexture=null;return this.samples=t.samples,this.multiview=t.multiview,this.useArrayDepthTexture=t.useArrayDepthTexture,this}dispose(){this.dispatchEvent({type:"dispose"})}},Tn=class extends la{constructor(t=1,e=1,i={}){super(t,e,i),this.isWebGLRenderTarget=!0}},Tr=class extends gn{constructor(t=null,e=1,i=1,n=1){super(null),this.isDataArrayTexture=!0,this.image={data:t,width:e,height:i,depth:n},this.magFilter=Ve,this.minFilter=Ve,this.wrapR=$n,this.generateMipmaps=!1,this.flipY=!1,this.unpackAlignment=1,this.layerUpdates=new Set}copy(t){return super.copy(t),this.wrapR=t.wrapR,this}addLayerUpdate(t){this.layerUpdates.add(t)}clearLayerUpdates(){this.layerUpdates.clear()}},ca=class extends gn{constructor(t=null,e=1,i=1,n=1){super(null),this.isData3DTexture=!0,this.image={data:t,width:e,height:i,depth:n},this.magFilter=Ve,this.minFilter=Ve,this.wrapR=$n,this.generateMipmaps=!1,this.flipY=!1,this.unpackAlignment=1}copy(t){return super.copy(t),this.wrapR=t.wrapR,this}},kt=class s{static{this.prototype.isMatrix4=!0}constructor(t,e,i,n,r,o,a,l,c,h,u,d,f,m,y,p){this.elements=[1,0,0,0,0,1,0,0,0,0,1,0,0,0,0,1],t!==void 0&&this.set(t,e,i,n,r,o,a,l,c,h,u,d,f,m,y,p)}set(t,e,i,n,r,o,a,l,c,h,u,d,f,m,y,p){let g=this.elements;return g[0]=t,g[4]=e,g[8]=i,g[12]=n,g[1]=r,g[5]=o,g[9]=a,g[13]=l,g[2]=c,g[6]=h,g[10]=u,g[14]=d,g[3]=f,g[7]=m,g[11]=y,g[15]=p,this}identity(){return this.set(1,0,0,0,0,1,0,0,0,0,1,0,0,0,0,1),this}clone(){return new s().fromArray(this.elements)}copy(t){let e=this.elements,i=t.elements;return e[0]=i[0],e[1]=i[1],e[2]=i[2],e[3]=i[3],e[4]=i[4],e[5]=i[5],e[6]=i[6],e[7]=i[7],e[8]=i[8],e[9]=i[9],e[10]=i[10],e[11]=i[11],e[12]=i[12],e[13]=i[13],e[14]=i[14],e[15]=i[15],this}copyPosition(t){let e=this.elements,i=t.elements;return e[12]=i[12],e[13]=i[13],e[14]=i[14],this}setFromMatrix3(t){let e=t.elements;return this.set(e[0],e[3],e[6],0,e[1],e[4],e[7],0,e[2],e[5],e[8],0,0,0,0,1),this}extractBasis(t,e,i){return this.determinantAffine()===0?(t.set(1,0,0),e.set(0,1,0),i.set(0,0,1),this):(t.setFromMatrixColumn(this,0),e.setFromMatrixColumn(this,1),i.setFromMatrixColumn(this,2),this)}makeBasis(t,e,i){return this.set(t.x,e.x,i.x,0,t.y,e.y,i.y,0,t.z,e.z,i.z,0,0,0,0,1),this}extractRotation(t){if(t.determinantAffine()===0)return this.identity();let e=this.elements,i=t.elements,n=1/cs.setFromMatrixColumn(t,0).length(),r=1/cs.setFromMatrixColumn(t,1).length(),o=1/cs.setFromMatrixColumn(t,2).length();return e[0]=i[0]*n,e[1]=i[1]*n,e[2]=i[2]*n,e[3]=0,e[4]=i[4]*r,e[5]=i[5]*r,e[6]=i[6]*r,e[7]=0,e[8]=i[8]*o,e[9]=i[9]*o,e[10]=i[10]*o,e[11]=0,e[12]=0,e[13]=0,e[14]=0,e[15]=1,this}makeRotationFromEuler(t){let e=this.elements,i=t.x,n=t.y,r=t.z,o=Math.cos(i),a=Math.sin(i),l=Math.cos(n),c=Math.sin(n),h=Math.cos(r),u=Math.sin(r);if(t.order==="XYZ"){let d=o*h,f=o*u,m=a*h,y=a*u;e[0]=l*h,e[4]=-l*u,e[8]=c,e[1]=f+m*c,e[5]=d-y*c,e[9]=-a*l,e[2]=y-d*c,e[6]=m+f*c,e[10]=o*l}else if(t.order==="YXZ"){let d=l*h,f=l*u,m=c*h,y=c*u;e[0]=d+y*a,e[4]=m*a-f,e[8]=o*c,e[1]=o*u,e[5]=o*h,e[9]=-a,e[2]=f*a-m,e[6]=y+d*a,e[10]=o*l}else if(t.order==="ZXY"){let d=l*h,f=l*u,m=c*h,y=c*u;e[0]=d-y*a,e[4]=-o*u,e[8]=m+f*a,e[1]=f+m*a,e[5]=o*h,e[9]=y-d*a,e[2]=-o*c,e[6]=a,e[10]=o*l}else if(t.order==="ZYX"){let d=o*h,f=o*u,m=a*h,y=a*u;e[0]=l*h,e[4]=m*c-f,e[8]=d*c+y,e[1]=l*u,e[5]=y*c+d,e[9]=f*c-m,e[2]=-c,e[6]=a*l,e[10]=o*l}else if(t.order==="YZX"){let d=o*l,f=o*c,m=a*l,y=a*c;e[0]=l*h,e[4]=y-d*u,e[8]=m*u+f,e[1]=u,e[5]=o*h,e[9]=-a*h,e[2]=-c*h,e[6]=f*u+m,e[10]=d-y*u}else if(t.order==="XZY"){let d=o*l,f=o*c,m=a*l,y=a*c;e[0]=l*h,e[4]=-u,e[8]=c*h,e[1]=d*u+y,e[5]=o*h,e[9]=f*u-m,e[2]=m*u-f,e[6]=a*h,e[10]=y*u+d}return e[3]=0,e[7]=0,e[11]=0,e[12]=0,e[13]=0,e[14]=0,e[15]=1,this}makeRotationFromQuaternion(t){return this.compose(Qm,t,tg)}lookAt(t,e,i){let n=this.elements;return Sn.subVectors(t,e),Sn.lengthSq()===0&&(Sn.z=1),Sn.normalize(),Si.crossVectors(i,Sn),Si.lengthSq()===0&&(Math.abs(i.z)===1?Sn.x+=1e-4:Sn.z+=1e-4,Sn.normalize(),Si.crossVectors(i,Sn)),Si.normalize(),bo.crossVectors(Sn,Si),n[0]=Si.x,n[4]=bo.x,n[8]=Sn.x,n[1]=Si.y,n[5]=bo.y,n[9]=Sn.y,n[2]=Si.z,n[6]=bo.z,n[10]=Sn.z,this}multiply(t){return this.multiplyMatrices(this,t)}premultiply(t){return this.multiplyMatrices(t,this)}multiplyMatrices(t,e){let i=t.elements,n=e.elements,r=this.elements,o=i[0],a=i[4],l=i[8],c=i[12],h=i[1],u=i[5],d=i[9],f=i[13],m=i[2],y=i[6],p=i[10],g=i[14],x=i[3],S=i[7],v=i[11],M=i[15],w=n[0],_=n[4],b=n[8],C=n[12],A=n[1],I=n[5],R=n[9],F=n[13],L=n[2],k=n[6],z=n[10],G=n[14],it=n[3],Y=n[7],tt=n[11],nt=n[15];return r[0]=o*w+a*A+l*L+c*it,r[4]=o*_+a*I+l*k+c*Y,r[8]=o*b+a*R+l*z+c*tt,r[12]=o*C+a*F+l*G+c*nt,r[1]=h*w+u*A+d*L+f*it,r[5]=h*_+u*I+d*k+f*Y,r[9]=h*b+u*R+d*z+f*tt,r[13]=h*C+u*F+d*G+f*nt,r[2]=m*w+y*A+p*L+g*it,r[6]=m*_+y*I+p*k+g*Y,r[10]=m*b+y*R+p*z+g*tt,r[14]=m*C+y*F+p*G+g*nt,r[3]=x*w+S*A+v*L+M*it,r[7]=x*_+S*I+v*k+M*Y,r[11]=x*b+S*R+v*z+M*tt,r[15]=x*C+S*F+v*G+M*nt,this}multiplyScalar(t){let e=this.elements;return e[0]*=t,e[4]*=t,e[8]*=t,e[12]*=t,e[1]*=t,e[5]*=t,e[9]*=t,e[13]*=t,e[2]*=t,e[6]*=t,e[10]*=t,e[14]*=t,e[3]*=t,e[7]*=t,e[11]*=t,e[15]*=t,this}determinant(){let t=this.elements,e=t[0],i=t[4],n=t[8],r=t[12],o=t[1],a=t[5],l=t[9],c=t[13],h=t[2],u=t[6],d=t[10],f=t[14],m=t[3],y=t[7],p=t[11],g=t[15],x=l*f-c*d,S=a*f-c*u,v=a*d-l*u,M=o*f-c*h,w=o*d-l*h,_=o*u-a*h;return e*(y*x-p*S+g*v)-i*(m*x-p*M+g*w)+n*(m*S-y*M+g*_)-r*(m*v-y*w+p*_)}determinantAffine(){let t=this.elements,e=t[0],i=t[4],n=t[8],r=t[1],o=t[5],a=t[9],l=t[2],c=t[6],h=t[10];return e*(o*h-a*c)-i*(r*h-a*l)+n*(r*c-o*l)}transpose(){let t=this.elements,e;return e=t[1],t[1]=t[4],t[4]=e,e=t[2],t[2]=t[8],t[8]=e,e=t[6],t[6]=t[9],t[9]=e,e=t[3],t[3]=t[12],t[12]=e,e=t[7],t[7]=t[13],t[13]=e,e=t[11],t[11]=t[14],t[14]=e,this}setPosition(t,e,i){let n=this.elements;return t.isVector3?(n[12]=t.x,n[13]=t.y,n[14]=t.z):(n[12]=t,n[13]=e,n[14]=i),this}invert(){let t=this.elements,e=t[0],i=t[1],n=t[2],r=t[3],o=t[4],a=t[5],l=t[6],c=t[7],h=t[8],u=t[9],d=t[10],f=t[11],m=t[12],y=t[13],p=t[14],g=t[15],x=e*a-i*o,S=e*l-n*o,v=e*c-r*o,M=i*l-n*a,w=i*c-r*a,_=n*c-r*l,b=h*y-u*m,C=h*p-d*m,A=h*g-f*m,I=u*p-d*y,R=u*g-f*y,F=d*g-f*p,L=x*F-S*R+v*I+M*A-w*C+_*b;if(L===0)return this.set(0,0,0,0,0,0,0,0,0,0,0,0,0,0,0,0);let k=1/L;return t[0]=(a*F-l*R+c*I)*k,t[1]=(n*R-i*F-r*I)*k,t[2]=(y*_-p*w+g*M)*k,t[3]=(d*w-u*_-f*M)*k,t[4]=(l*A-o*F-c*C)*k,t[5]=(e*F-n*A+r*C)*k,t[6]=(p*v-m*_-g*S)*k,t[7]=(h*_-d*v+f*S)*k,t[8]=(o*R-a*A+c*b)*k,t[9]=(i*A-e*R-r*b)*k,t[10]=(m*w-y*v+g*x)*k,t[11]=(u*v-h*w-f*x)*k,t[12]=(a*C-o*I-l*b)*k,t[13]=(e*I-i*C+n*b)*k,t[14]=(y*S-m*M-p*x)*k,t[15]=(h*M-u*S+d*x)*k,this}scale(t){let e=this.elements,i=t.x,n=t.y,r=t.z;return e[0]*=i,e[4]*=n,e[8]*=r,e[1]*=i,e[5]*=n,e[9]*=r,e[2]*=i,e[6]*=n,e[10]*=r,e[3]*=i,e[7]*=n,e[11]*=r,this}getMaxScaleOnAxis(){let t=this.elements,e=t[0]*t[0]+t[1]*t[1]+t[2]*t[2],i=t[4]*t[4]+t[5]*t[5]+t[6]*t[6],n=t[8]*t[8]+t[9]*t[9]+t[10]*t[10];return Math.sqrt(Math.max(e,i,n))}makeTranslation(t,e,i){return t.isVector3?this.set(1,0,0,t.x,0,1,0,t.y,0,0,1,t.z,0,0,0,1):this.set(1,0,0,t,0,1,0,e,0,0,1,i,0,0,0,1),this}makeRotationX(t){let e=Math.cos(t),i=Math.sin(t);return this.set(1,0,0,0,0,e,-i,0,0,i,e,0,0,0,0,1),this}makeRotationY(t){let e=Math.cos(t),i=Math.sin(t);return this.set(e,0,i,0,0,1,0,0,-i,0,e,0,0,0,0,1),this}makeRotationZ(t){let e=Math.cos(t),i=Math.sin(t);return this.set(e,-i,0,0,i,e,0,0,0,0,1,0,0,0,0,1),this}makeRotationAxis(t,e){let i=Math.cos(e),n=Math.sin(e),r=1-i,o=t.x,a=t.y,l=t.z,c=r*o,h=r*a;return this.set(c*o+i,c*a-n*l,c*l+n*a,0,c*a+n*l,h*a+i,h*l-n*o,0,c*l-n*a,h*l+n*o,r*l*l+i,0,0,0,0,1),this}makeScale(t,e,i){return this.set(t,0,0,0,0,e,0,0,0,0,i,0,0,0,0,1),this}makeShear(t,e,i,n,r,o){return this.set(1,i,r,0,t,1,o,0,e,n,1,0,0,0,0,1),this}compose(t,e,i){let n=this.elements,r=e._x,o=e._y,a=e._z,l=e._w,c=r+r,h=o+o,u=a+a,d=r*c,f=r*h,m=r*u,y=o*h,p=o*u,g=a*u,x=l*c,S=l*h,v=l*u,M=i.x,w=i.y,_=i.z;return n[0]=(1-(y+g))*M,n[1]=(f+v)*M,n[2]=(m-S)*M,n[3]=0,n[4]=(f-v)*w,n[5]=(1-(d+g))*w,n[6]=(p+x)*w,n[7]=0,n[8]=(m+S)*_,n[9]=(p-x)*_,n[10]=(1-(d+y))*_,n[11]=0,n[12]=t.x,n[13]=t.y,n[14]=t.z,n[15]=1,this}decompose(t,e,i){let n=this.elements;t.x=n[12],t.y=n[13],t.z=n[14];let r=this.determinantAffine();if(r===0)return i.set(1,1,1),e.identity(),this;let o=cs.set(n[0],n[1],n[2]).length(),a=cs.set(n[4],n[5],n[6]).length(),l=cs.set(n[8],n[9],n[10]).length();r<0&&(o=-o),On.copy(this);let c=1/o,h=1/a,u=1/l;return On.elements[0]*=c,On.elements[1]*=c,On.elements[2]*=c,On.elements[4]*=h,On.elements[5]*=h,On.elements[6]*=h,On.elements[8]*=u,On.elements[9]*=u,On.elements[10]*=u,e.setFromRotationMatrix(On),i.x=o,i.y=a,i.z=l,this}makePerspective(t,e,i,n,r,o,a=Pn,l=!1){let c=this.elements,h=2*r/(e-t),u=2*r/(i-n),d=(e+t)/(e-t),f=(i+n)/(i-n),m,y;if(l)m=r/(o-r),y=o*r/(o-r);else if(a===Pn)m=-(o+r)/(o-r),y=-2*o*r/(o-r);else if(a===Ts)m=-o/(o-r),y=-o*r/(o-r);else throw new Error("THREE.Matrix4.makePerspective(): Invalid coordinate system: "+a);return c[0]=h,c[4]=0,c[8]=d,c[12]=0,c[1]=0,c[5]=u,c[9]=f,c[13]=0,c[2]=0,c[6]=0,c[10]=m,c[14]=y,c[3]=0,c[7]=0,c[11]=-1,c[15]=0,this}makeOrthographic(t,e,i,n,r,o,a=Pn,l=!1){let c=this.elements,h=2/(e-t),u=2/(i-n),d=-(e+t)/(e-t),f=-(i+n)/(i-n),m,y;if(l)m=1/(o-r),y=o/(o-r);else if(a===Pn)m=-2/(o-r),y=-(o+r)/(o-r);else if(a===Ts)m=-1/(o-r),y=-r/(o-r);else throw new Error("THREE.Matrix4.makeOrthographic(): Invalid coordinate system: "+a);return c[0]=h,c[4]=0,c[8]=0,c[12]=d,c[1]=0,c[5]=u,c[9]=0,c[13]=f,c[2]=0,c[6]=0,c[10]=m,c[14]=y,c[3]=0,c[7]=0,c[11]=0,c[15]=1,this}equals(t){let e=this.elements,i=t.elements;for(let n=0;n<16;n++)if(e[n]!==i[n])return!1;return!0}fromArray(t,e=0){for(let i=0;i<16;i++)this.elements[i]=t[i+e];return this}toArray(t=[],e=0){let i=this.elements;return t[e]=i[0],t[e+1]=i[1],t[e+2]=i[2],t[e+3]=i[3],t[e+4]=i[4],t[e+5]=i[5],t[e+6]=i[6],t[e+7]=i[7],t[e+8]=i[8],t[e+9]=i[9],t[e+10]=i[10],t[e+11]=i[11],t[e+12]=i[12],t[e+13]=i[13],t[e+14]=i[14],t[e+15]=i[15],t}},cs=new P,On=new kt,Qm=new P(0,0,0),tg=new P(1,1,1),Si=new P,bo=new P,Sn=new P,Xu=new kt,Yu=new nn,hi=class s{constructor(t=0,e=0,i=0,n=s.DEFAULT_ORDER){this.isEuler=!0,this._x=t,this._y=e,this._z=i,this._order=n}get x(){return this._x}set x(t){this._x=t,this._onChangeCallback()}get y(){return this._y}set y(t){this._y=t,this._onChangeCallback()}get z(){return this._z}set z(t){this._z=t,this._onChangeCallback()}get order(){return this._order}set order(t){this._order=t,this._onChangeCallback()}set(t,e,i,n=this._order){return this._x=t,this._y=e,this._z=i,this._order=n,this._onChangeCallback(),this}clone(){return new this.constructor(this._x,this._y,this._z,this._order)}copy(t){return this._x=t._x,this._y=t._y,this._z=t._z,this._order=t._order,this._onChangeCallback(),this}setFromRotationMatrix(t,e=this._order,i=!0){let n=t.elements,r=n[0],o=n[4],a=n[8],l=n[1],c=n[5],h=n[9],u=n[2],d=n[6],f=n[10];switch(e){case"XYZ":this._y=Math.asin(zt(a,-1,1)),Math.abs(a)<.9999999?(this._x=Math.atan2(-h,f),this._z=Math.atan2(-o,r)):(this._x=Math.atan2(d,c),this._z=0);break;case"YXZ":this._x=Math.asin(-zt(h,-1,1)),Math.abs(h)<.9999999?(this._y=Math.atan2(a,f),this._z=Math.atan2(l,c)):(this._y=Math.atan2(-u,r),this._z=0);break;case"ZXY":this._x=Math.asin(zt(d,-1,1)),Math.abs(d)<.9999999?(this._y=Math.atan2(-u,f),this._z=Math.atan2(-o,c)):(this._y=0,this._z=Math.atan2(l,r));break;case"ZYX":this._y=Math.asin(-zt(u,-1,1)),Math.abs(u)<.9999999?(this._x=Math.atan2(d,f),this._z=Math.atan2(l,r)):(this._x=0,this._z=Math.atan2(-o,c));break;case"YZX":this._z=Math.asin(zt(l,-1,1)),Math.abs(l)<.9999999?(this._x=Math.atan2(-h,c),this._y=Math.atan2(-u,r)):(this._x=0,this._y=Math.atan2(a,f));break;case"XZY":this._z=Math.asin(-zt(o,-1,1)),Math.abs(o)<.9999999?(this._x=Math.atan2(d,c),this._y=Math.atan2(a,r)):(this._x=Math.atan2(-h,f),this._y=0);break;default:Nt("Euler: .setFromRotationMatrix() encountered an unknown order: "+e)}return this._order=e,i===!0&&this._onChangeCallback(),this}setFromQuaternion(t,e,i){return Xu.makeRotationFromQuaternion(t),this.setFromRotationMatrix(Xu,e,i)}setFromVector3(t,e=this._order){return this.set(t.x,t.y,t.z,e)}reorder(t){return Yu.setFromEuler(this),this.setFromQuaternion(Yu,t)}equals(t){return t._x===this._x&&t._y===this._y&&t._z===this._z&&t._order===this._order}fromArray(t){return this._x=t[0],this._y=t[1],this._z=t[2],t[3]!==void 0&&(this._order=t[3]),this._onChangeCallback(),this}toArray(t=[],e=0){return t[e]=this._x,t[e+1]=this._y,t[e+2]=this._z,t[e+3]=this._order,t}_onChange(t){return this._onChangeCallback=t,this}_onChangeCallback(){}*[Symbol.iterator](){yield this._x,yield this._y,yield this._z,yield this._order}};hi.DEFAULT_ORDER="XYZ";Rs=class{constructor(){this.mask=1}set(t){this.mask=(1<<t|0)>>>0}enable(t){this.mask|=1<<t|0}enableAll(){this.mask=-1}toggle(t){this.mask^=1<<t|0}disable(t){this.mask&=~(1<<t|0)}disableAll(){this.mask=0}test(t){return(this.mask&t.mask)!==0}isEnabled(t){return(this.mask&(1<<t|0))!==0}},eg=0,$u=new P,hs=new nn,ii=new kt,Mo=new P,ur=new P,ng=new P,ig=new nn,Zu=new P(1,0,0),Ju=new P(0,1,0),Ku=new P(0,0,1),ju={type:"added"},sg={type:"removed"},us={type:"childadded",child:null},gc={type:"childremoved",child:null},He=class s extends zn{constructor(){super(),this.isObject3D=!0,Object.defineProperty(this,"id",{value:eg++}),this.uuid=Hs(),this.name="",this.type="Object3D",this.parent=null,this.children=[],this.up=s.DEFAULT_UP.clone();let t=new P,e=new hi,i=new nn,n=new P(1,1,1);function r(){i.setFromEuler(e,!1)}function o(){e.setFromQuaternion(i,void 0,!1)}e._onChange(r),i._onChange(o),Object.defineProperties(this,{position:{configurable:!0,enumerable:!0,value:t},rotation:{configurable:!0,enumerable:!0,value:e},quaternion:{configurable:!0,enumerable:!0,value:i},scale:{configurable:!0,enumerable:!0,value:n},modelViewMatrix:{value:new kt},normalMatrix:{value:new Vt}}),this.matrix=new kt,this.matrixWorld=new kt,this.matrixAutoUpdate=s.DEFAULT_MATRIX_AUTO_UPDATE,this.matrixWorldAutoUpdate=s.DEFAULT_MATRIX_WORLD_AUTO_UPDATE,this.matrixWorldNeedsUpdate=!1,this.layers=new Rs,this.visible=!0,this.castShadow=!1,this.receiveShadow=!1,this.frustumCulled=!0,this.renderOrder=0,this.animations=[],this.customDepthMaterial=void 0,this.customDistanceMaterial=void 0,this.static=!1,this.userData={},this.pivot=null}onBeforeShadow(){}onAfterShadow(){}onBeforeRender(){}onAfterRender(){}applyMatrix4(t){this.matrixAutoUpdate&&this.updateMatrix(),this.matrix.premultiply(t),this.matrix.decompose(this.position,this.quaternion,this.scale),this.pivot!==null&&this.position.copy(this.pivot).applyMatrix4(this.matrix).sub(this.pivot)}applyQuaternion(t){return this.quaternion.premultiply(t),this}setRotationFromAxisAngle(t,e){this.quaternion.setFromAxisAngle(t,e)}setRotationFromEuler(t){this.quaternion.setFromEuler(t,!0)}setRotationFromMatrix(t){this.quaternion.setFromRotationMatrix(t)}setRotationFromQuaternion(t){this.quaternion.copy(t)}rotateOnAxis(t,e){return hs.setFromAxisAngle(t,e),this.quaternion.multiply(hs),this}rotateOnWorldAxis(t,e){return hs.setFromAxisAngle(t,e),this.quaternion.premultiply(hs),this}rotateX(t){return this.rotateOnAxis(Zu,t)}rotateY(t){return this.rotateOnAxis(Ju,t)}rotateZ(t){return this.rotateOnAxis(Ku,t)}translateOnAxis(t,e){return $u.copy(t).applyQuaternion(this.quaternion),this.position.add($u.multiplyScalar(e)),this}translateX(t){return this.translateOnAxis(Zu,t)}translateY(t){return this.translateOnAxis(Ju,t)}translateZ(t){return this.translateOnAxis(Ku,t)}localToWorld(t){return this.updateWorldMatrix(!0,!1),t.applyMatrix4(this.matrixWorld)}worldToLocal(t){return this.updateWorldMatrix(!0,!1),t.applyMatrix4(ii.copy(this.matrixWorld).invert())}lookAt(t,e,i){t.isVector3?Mo.copy(t):Mo.set(t,e,i);let n=this.parent;this.updateWorldMatrix(!0,!1),ur.setFromMatrixPosition(this.matrixWorld),this.isCamera||this.isLight?ii.lookAt(ur,Mo,this.up):ii.lookAt(Mo,ur,this.up),this.quaternion.setFromRotationMatrix(ii),n&&(ii.extractRotation(n.matrixWorld),hs.setFromRotationMatrix(ii),this.quaternion.premultiply(hs.invert()))}add(t){if(arguments.length>1){for(let e=0;e<arguments.length;e++)this.add(arguments[e]);return this}return t===this?(Bt("Object3D.add: object can't be added as a child of itself.",t),this):(t&&t.isObject3D?(t.removeFromParent(),t.parent=this,this.children.push(t),t.dispatchEvent(ju),us.child=t,this.dispatchEvent(us),us.child=null):Bt("Object3D.add: object not an instance of THREE.Object3D.",t),this)}remove(t){if(arguments.length>1){for(let i=0;i<arguments.length;i++)this.remove(arguments[i]);return this}let e=this.children.indexOf(t);return e!==-1&&(t.parent=null,this.children.splice(e,1),t.dispatchEvent(sg),gc.child=t,this.dispatchEvent(gc),gc.child=null),this}removeFromParent(){let t=this.parent;return t!==null&&t.remove(this),this}clear(){return this.remove(...this.children)}attach(t){return this.updateWorldMatrix(!0,!1),ii.copy(this.matrixWorld).invert(),t.parent!==null&&(t.parent.updateWorldMatrix(!0,!1),ii.multiply(t.parent.matrixWorld)),t.applyMatrix4(ii),t.removeFromParent(),t.parent=this,this.children.push(t),t.updateWorldMatrix(!1,!0),t.dispatchEvent(ju),us.child=t,this.dispatchEvent(us),us.child=null,this}getObjectById(t){return this.getObjectByProperty("id",t)}getObjectByName(t){return this.getObjectByProperty("name",t)}getObjectByProperty(t,e){if(this[t]===e)return this;for(let i=0,n=this.children.length;i<n;i++){let o=this.children[i].getObjectByProperty(t,e);if(o!==void 0)return o}}getObjectsByProperty(t,e,i=[]){this[t]===e&&i.push(this);let n=this.children;for(let r=0,o=n.length;r<o;r++)n[r].getObjectsByProperty(t,e,i);return i}getWorldPosition(t){return this.updateWorldMatrix(!0,!1),t.setFromMatrixPosition(this.matrixWorld)}getWorldQuaternion(t){return this.updateWorldMatrix(!0,!1),this.matrixWorld.decompose(ur,t,ng),t}getWorldScale(t){return this.updateWorldMatrix(!0,!1),this.matrixWorld.decompose(ur,ig,t),t}getWorldDirection(t){this.updateWorldMatrix(!0,!1);let e=this.matrixWorld.elements;return t.set(e[8],e[9],e[10]).normalize()}raycast(){}intersectsFrustum(){return!0}traverse(t){t(this);let e=this.children;for(let i=0,n=e.length;i<n;i++)e[i].traverse(t)}traverseVisible(t){if(this.visible===!1)return;t(this);let e=this.children;for(let i=0,n=e.length;i<n;i++)e[i].traverseVisible(t)}traverseAncestors(t){let e=this.parent;e!==null&&(t(e),e.traverseAncestors(t))}updateMatrix(){this.matrix.compose(this.position,this.quaternion,this.scale);let t=this.pivot;if(t!==null){let e=t.x,i=t.y,n=t.z,r=this.matrix.elements;r[12]+=e-r[0]*e-r[4]*i-r[8]*n,r[13]+=i-r[1]*e-r[5]*i-r[9]*n,r[14]+=n-r[2]*e-r[6]*i-r[10]*n}this.matrixWorldNeedsUpdate=!0}updateMatrixWorld(t){this.matrixAutoUpdate&&this.updateMatrix(),(this.matrixWorldNeedsUpdate||t)&&(this.matrixWorldAutoUpdate===!0&&(this.parent===null?this.matrixWorld.copy(this.matrix):this.matrixWorld.multiplyMatrices(this.parent.matrixWorld,this.matrix)),this.matrixWorldNeedsUpdate=!1,t=!0);let e=this.children;for(let i=0,n=e.length;i<n;i++)e[i].updateMatrixWorld(t)}updateWorldMatrix(t,e,i=!1){let n=this.parent;if(t===!0&&n!==null&&n.updateWorldMatrix(!0,!1),this.matrixAutoUpdate&&this.updateMatrix(),(this.matrixWorldNeedsUpdate||i)&&(this.matrixWorldAutoUpdate===!0&&(this.parent===null?this.matrixWorld.copy(this.matrix):this.matrixWorld.multiplyMatrices(this.parent.matrixWorld,this.matrix)),this.matrixWorldNeedsUpdate=!1,i=!0),e===!0){let r=this.children;for(let o=0,a=r.length;o<a;o++)r[o].updateWorldMatrix(!1,!0,i)}}toJSON(t){let e=t===void 0||typeof t=="string",i={};e&&(t={geometries:{},materials:{},textures:{},images:{},shapes:{},skeletons:{},animations:{},nodes:{}},i.metadata={version:4.7,type:"Object",generator:"Object3D.toJSON"});let n={};n.uuid=this.uuid,n.type=this.type,n.name=this.name,n.castShadow=this.castShadow,n.receiveShadow=this.receiveShadow,n.visible=this.visible,n.frustumCulled=this.frustumCulled,n.renderOrder=this.renderOrder,n.static=this.static,n.matrixAutoUpdate=this.matrixAutoUpdate,Object.keys(this.userData).length>0&&(n.userData=this.userData),n.layers=this.layers.mask,n.matrix=this.matrix.toArray(),n.up=this.up.toArray(),this.pivot!==null&&(n.pivot=this.pivot.toArray()),this.morphTargetDictionary!==void 0&&(n.morphTargetDictionary=Object.assign({},this.morphTargetDictionary)),this.morphTargetInfluences!==void 0&&(n.morphTargetInfluences=this.morphTargetInfluences.slice()),this.isInstancedMesh&&(n.type="InstancedMesh",n.count=this.count,n.instanceMatrix=this.instanceMatrix.toJSON(),this.instanceColor!==null&&(n.instanceColor=this.instanceColor.toJSON())),this.isBatchedMesh&&(n.type="BatchedMesh",n.perObjectFrustumCulled=this.perObjectFrustumCulled,n.sortObjects=this.sortObjects,n.drawRanges=this._drawRanges,n.reservedRanges=this._reservedRanges,n.geometryInfo=this._geometryInfo.map(a=>({...a,boundingBox:a.boundingBox?a.boundingBox.toJSON():void 0,boundingSphere:a.boundingSphere?a.boundingSphere.toJSON():void 0})),n.instanceInfo=this._instanceInfo.map(a=>({...a})),n.availableInstanceIds=this._availableInstanceIds.slice(),n.availableGeometryIds=this._availableGeometryIds.slice(),n.nextIndexStart=this._nextIndexStart,n.nextVertexStart=this._nextVertexStart,n.geometryCount=this._geometryCount,n.maxInstanceCount=this._maxInstanceCount,n.maxVertexCount=this._maxVertexCount,n.maxIndexCount=this._maxIndexCount,n.geometryInitialized=this._geometryInitialized,n.matricesTexture=this._matricesTexture.toJSON(t),n.indirectTexture=this._indirectTexture.toJSON(t),this._colorsTexture!==null&&(n.colorsTexture=this._colorsTexture.toJSON(t)),this.boundingSphere!==null&&(n.boundingSphere=this.boundingSphere.toJSON()),this.boundingBox!==null&&(n.boundingBox=this.boundingBox.toJSON()));function r(a,l){return a[l.uuid]===void 0&&(a[l.uuid]=l.toJSON(t)),l.uuid}if(this.isScene)this.background&&(this.background.isColor?n.background=this.background.toJSON():this.background.isTexture&&(n.background=this.background.toJSON(t).uuid)),this.environment&&this.environment.isTexture&&this.environment.isRenderTargetTexture!==!0&&(n.environment=this.environment.toJSON(t).uuid);else if(this.isMesh||this.isLine||this.isPoints){n.geometry=r(t.geometries,this.geometry);let a=this.geometry.parameters;if(a!==void 0&&a.shapes!==void 0){let l=a.shapes;if(Array.isArray(l))for(let c=0,h=l.length;c<h;c++){let u=l[c];r(t.shapes,u)}else r(t.shapes,l)}}if(this.isSkinnedMesh&&(n.bindMode=this.bindMode,n.bindMatrix=this.bindMatrix.toArray(),this.skeleton!==void 0&&(r(t.skeletons,this.skeleton),n.skeleton=this.skeleton.uuid)),this.material!==void 0)if(Array.isArray(this.material)){let a=[];for(let l=0,c=this.material.length;l<c;l++)a.push(r(t.materials,this.material[l]));n.material=a}else n.material=r(t.materials,this.material);if(this.children.length>0){n.children=[];for(let a=0;a<this.children.length;a++)n.children.push(this.children[a].toJSON(t).object)}if(this.animations.length>0){n.animations=[];for(let a=0;a<this.animations.length;a++){let l=this.animations[a];n.animations.push(r(t.animations,l))}}if(e){let a=o(t.geometries),l=o(t.materials),c=o(t.textures),h=o(t.images),u=o(t.shapes),d=o(t.skeletons),f=o(t.animations),m=o(t.nodes);a.length>0&&(i.geometries=a),l.length>0&&(i.materials=l),c.length>0&&(i.textures=c),h.length>0&&(i.images=h),u.length>0&&(i.shapes=u),d.length>0&&(i.skeletons=d),f.length>0&&(i.animations=f),m.length>0&&(i.nodes=m)}return i.object=n,i;function o(a){let l=[];for(let c in a){let h=a[c];delete h.metadata,l.push(h)}return l}}clone(t){return new this.constructor().copy(this,t)}copy(t,e=!0){if(this.name=t.name,this.up.copy(t.up),this.position.copy(t.position),this.rotation.order=t.rotation.order,this.quaternion.copy(t.quaternion),this.scale.copy(t.scale),this.pivot=t.pivot!==null?t.pivot.clone():null,this.matrix.copy(t.matrix),this.matrixWorld.copy(t.matrixWorld),this.matrixAutoUpdate=t.matrixAutoUpdate,this.matrixWorldAutoUpdate=t.matrixWorldAutoUpdate,this.matrixWorldNeedsUpdate=t.matrixWorldNeedsUpdate,this.layers.mask=t.layers.mask,this.visible=t.visible,this.castShadow=t.castShadow,this.receiveShadow=t.receiveShadow,this.frustumCulled=t.frustumCulled,this.renderOrder=t.renderOrder,this.static=t.static,this.animations=t.animations.slice(),this.userData=JSON.parse(JSON.stringify(t.userData)),e===!0)for(let i=0;i<t.children.length;i++){let n=t.children[i];this.add(n.clone())}return this}dispose(){this.dispatchEvent({type:"dispose"})}};He.DEFAULT_UP=new P(0,1,0);He.DEFAULT_MATRIX_AUTO_UPDATE=!0;He.DEFAULT_MATRIX_WORLD_AUTO_UPDATE=!0;hn=class extends He{constructor(){super(),this.isGroup=!0,this.type="Group"}},rg={type:"move"},Ps=class{constructor(){this._targetRay=null,this._grip=null,this._hand=null}getHandSpace(){return this._hand===null&&(this._hand=new hn,this._hand.matrixAutoUpdate=!1,this._hand.visible=!1,this._hand.joints={},this._hand.inputState={pinching:!1}),this._hand}getTargetRaySpace(){return this._targetRay===null&&(this._targetRay=new hn,this._targetRay.matrixAutoUpdate=!1,this._targetRay.visible=!1,this._targetRay.hasLinearVelocity=!1,this._targetRay.linearVelocity=new P,this._targetRay.hasAngularVelocity=!1,this._targetRay.angularVelocity=new P),this._targetRay}getGripSpace(){return this._grip===null&&(this._grip=new hn,this._grip.matrixAutoUpdate=!1,this._grip.visible=!1,this._grip.hasLinearVelocity=!1,this._grip.linearVelocity=new P,this._grip.hasAngularVelocity=!1,this._grip.angularVelocity=new P,this._grip.eventsEnabled=!1),this._grip}dispatchEvent(t){return this._targetRay!==null&&this._targetRay.dispatchEvent(t),this._grip!==null&&this._grip.dispatchEvent(t),this._hand!==null&&this._hand.dispatchEvent(t),this}connect(t){if(t&&t.hand){let e=this._hand;if(e)for(let i of t.hand.values())this._getHandJoint(e,i)}return this.dispatchEvent({type:"connected",data:t}),this}disconnect(t){return this.dispatchEvent({type:"disconnected",data:t}),this._targetRay!==null&&(this._targetRay.visible=!1),this._grip!==null&&(this._grip.visible=!1),this._hand!==null&&(this._hand.visible=!1),this}update(t,e,i){let n=null,r=null,o=null,a=this._targetRay,l=this._grip,c=this._hand;if(t&&e.session.visibilityState!=="visible-blurred"){if(c&&t.hand){o=!0;for(let y of t.hand.values()){let p=e.getJointPose(y,i),g=this._getHandJoint(c,y);p!==null&&(g.matrix.fromArray(p.transform.matrix),g.matrix.decompose(g.position,g.quaternion,g.scale),g.matrixWorldNeedsUpdate=!0,g.jointRadius=p.radius),g.visible=p!==null}let h=c.joints["index-finger-tip"],u=c.joints["thumb-tip"],d=h.position.distanceTo(u.position),f=.02,m=.005;c.inputState.pinching&&d>f+m?(c.inputState.pinching=!1,this.dispatchEvent({type:"pinchend",handedness:t.handedness,target:this})):!c.inputState.pinching&&d<=f-m&&(c.inputState.pinching=!0,this.dispatchEvent({type:"pinchstart",handedness:t.handedness,target:this}))}else l!==null&&t.gripSpace&&(r=e.getPose(t.gripSpace,i),r!==null&&(l.matrix.fromArray(r.transform.matrix),l.matrix.decompose(l.position,l.quaternion,l.scale),l.matrixWorldNeedsUpdate=!0,r.linearVelocity?(l.hasLinearVelocity=!0,l.linearVelocity.copy(r.linearVelocity)):l.hasLinearVelocity=!1,r.angularVelocity?(l.hasAngularVelocity=!0,l.angularVelocity.copy(r.angularVelocity)):l.hasAngularVelocity=!1,l.eventsEnabled&&l.dispatchEvent({type:"gripUpdated",data:t,target:this})));a!==null&&(n=e.getPose(t.targetRaySpace,i),n===null&&r!==null&&(n=r),n!==null&&(a.matrix.fromArray(n.transform.matrix),a.matrix.decompose(a.position,a.quaternion,a.scale),a.matrixWorldNeedsUpdate=!0,n.linearVelocity?(a.hasLinearVelocity=!0,a.linearVelocity.copy(n.linearVelocity)):a.hasLinearVelocity=!1,n.angularVelocity?(a.hasAngularVelocity=!0,a.angularVelocity.copy(n.angularVelocity)):a.hasAngularVelocity=!1,this.dispatchEvent(rg)))}return a!==null&&(a.visible=n!==null),l!==null&&(l.visible=r!==null),c!==null&&(c.visible=o!==null),this}_getHandJoint(t,e){if(t.joints[e.jointName]===void 0){let i=new hn;i.matrixAutoUpdate=!1,i.visible=!1,t.joints[e.jointName]=i,t.add(i)}return t.joints[e.jointName]}},uf={aliceblue:15792383,antiquewhite:16444375,aqua:65535,aquamarine:8388564,azure:15794175,beige:16119260,bisque:16770244,black:0,blanchedalmond:16772045,blue:255,blueviolet:9055202,brown:10824234,burlywood:14596231,cadetblue:6266528,chartreuse:8388352,chocolate:13789470,coral:16744272,cornflowerblue:6591981,cornsilk:16775388,crimson:14423100,cyan:65535,darkblue:139,darkcyan:35723,darkgoldenrod:12092939,darkgray:11119017,darkgreen:25600,darkgrey:11119017,darkkhaki:12433259,darkmagenta:9109643,darkolivegreen:5597999,darkorange:16747520,darkorchid:10040012,darkred:9109504,darksalmon:15308410,darkseagreen:9419919,darkslateblue:4734347,darkslategray:3100495,darkslategrey:3100495,darkturquoise:52945,darkviolet:9699539,deeppink:16716947,deepskyblue:49151,dimgray:6908265,dimgrey:6908265,dodgerblue:2003199,firebrick:11674146,floralwhite:16775920,forestgreen:2263842,fuchsia:16711935,gainsboro:14474460,ghostwhite:16316671,gold:16766720,goldenrod:14329120,gray:8421504,green:32768,greenyellow:11403055,grey:8421504,honeydew:15794160,hotpink:16738740,indianred:13458524,indigo:4915330,ivory:16777200,khaki:15787660,lavender:15132410,lavenderblush:16773365,lawngreen:8190976,lemonchiffon:16775885,lightblue:11393254,lightcoral:15761536,lightcyan:14745599,lightgoldenrodyellow:16448210,lightgray:13882323,lightgreen:9498256,lightgrey:13882323,lightpink:16758465,lightsalmon:16752762,lightseagreen:2142890,lightskyblue:8900346,lightslategray:7833753,lightslategrey:7833753,lightsteelblue:11584734,lightyellow:16777184,lime:65280,limegreen:3329330,linen:16445670,magenta:16711935,maroon:8388608,mediumaquamarine:6737322,mediumblue:205,mediumorchid:12211667,mediumpurple:9662683,mediumseagreen:3978097,mediumslateblue:8087790,mediumspringgreen:64154,mediumturquoise:4772300,mediumvioletred:13047173,midnightblue:1644912,mintcream:16121850,mistyrose:16770273,moccasin:16770229,navajowhite:16768685,navy:128,oldlace:16643558,olive:8421376,olivedrab:7048739,orange:16753920,orangered:16729344,orchid:14315734,palegoldenrod:15657130,palegreen:10025880,paleturquoise:11529966,palevioletred:14381203,papayawhip:16773077,peachpuff:16767673,peru:13468991,pink:16761035,plum:14524637,powderblue:11591910,purple:8388736,rebeccapurple:6697881,red:16711680,rosybrown:12357519,royalblue:4286945,saddlebrown:9127187,salmon:16416882,sandybrown:16032864,seagreen:3050327,seashell:16774638,sienna:10506797,silver:12632256,skyblue:8900331,slateblue:6970061,slategray:7372944,slategrey:7372944,snow:16775930,springgreen:65407,steelblue:4620980,tan:13808780,teal:32896,thistle:14204888,tomato:16737095,turquoise:4251856,violet:15631086,wheat:16113331,white:16777215,whitesmoke:16119285,yellow:16776960,yellowgreen:10145074},bi={h:0,s:0,l:0},wo={h:0,s:0,l:0};qt=class{constructor(t,e,i){return this.isColor=!0,this.r=1,this.g=1,this.b=1,this.set(t,e,i)}set(t,e,i){if(e===void 0&&i===void 0){let n=t;n&&n.isColor?this.copy(n):typeof n=="number"?this.setHex(n):typeof n=="string"&&this.setStyle(n)}else this.setRGB(t,e,i);return this}setScalar(t){return this.r=t,this.g=t,this.b=t,this}setHex(t,e=ln){return t=Math.floor(t),this.r=(t>>16&255)/255,this.g=(t>>8&255)/255,this.b=(t&255)/255,Kt.colorSpaceToWorking(this,e),this}setRGB(t,e,i,n=Kt.workingColorSpace){return this.r=t,this.g=e,this.b=i,Kt.colorSpaceToWorking(this,n),this}setHSL(t,e,i,n=Kt.workingColorSpace){if(t=bh(t,1),e=zt(e,0,1),i=zt(i,0,1),e===0)this.r=this.g=this.b=i;else{let r=i<=.5?i*(1+e):i+e-i*e,o=2*i-r;this.r=_c(o,r,t+1/3),this.g=_c(o,r,t),this.b=_c(o,r,t-1/3)}return Kt.colorSpaceToWorking(this,n),this}setStyle(t,e=ln){function i(r){r!==void 0&&parseFloat(r)<1&&Nt("Color: Alpha component of "+t+" will be ignored.")}let n;if(n=/^(\w+)\(([^\)]*)\)/.exec(t)){let r,o=n[1],a=n[2];switch(o){case"rgb":case"rgba":if(r=/^\s*(\d+)\s*,\s*(\d+)\s*,\s*(\d+)\s*(?:,\s*(\d+(?:\.\d+)?|\.\d+)\s*)?$/.exec(a))return i(r[4]),this.setRGB(Math.min(255,parseInt(r[1],10))/255,Math.min(255,parseInt(r[2],10))/255,Math.min(255,parseInt(r[3],10))/255,e);if(r=/^\s*(\d+(?:\.\d+)?|\.\d+)\%\s*,\s*(\d+(?:\.\d+)?|\.\d+)\%\s*,\s*(\d+(?:\.\d+)?|\.\d+)\%\s*(?:,\s*(\d+(?:\.\d+)?|\.\d+)\s*)?$/.exec(a))return i(r[4]),this.setRGB(Math.min(100,parseFloat(r[1]))/100,Math.min(100,parseFloat(r[2]))/100,Math.min(100,parseFloat(r[3]))/100,e);break;case"hsl":case"hsla":if(r=/^\s*([+-]?(?:\d+(?:\.\d+)?|\.\d+))\s*,\s*(\d+(?:\.\d+)?|\.\d+)\%\s*,\s*(\d+(?:\.\d+)?|\.\d+)\%\s*(?:,\s*(\d+(?:\.\d+)?|\.\d+)\s*)?$/.exec(a))return i(r[4]),this.setHSL(parseFloat(r[1])/360,parseFloat(r[2])/100,parseFloat(r[3])/100,e);break;default:Nt("Color: Unknown color model "+t)}}else if(n=/^\#([A-Fa-f\d]+)$/.exec(t)){let r=n[1],o=r.length;if(o===3)return this.setRGB(parseInt(r.charAt(0),16)/15,parseInt(r.charAt(1),16)/15,parseInt(r.charAt(2),16)/15,e);if(o===6)return this.setHex(parseInt(r,16),e);Nt("Color: Invalid hex color "+t)}else if(t&&t.length>0)return this.setColorName(t,e);return this}setColorName(t,e=ln){let i=uf[t.toLowerCase()];return i!==void 0?this.setHex(i,e):Nt("Color: Unknown color "+t),this}clone(){return new this.constructor(this.r,this.g,this.b)}copy(t){return this.r=t.r,this.g=t.g,this.b=t.b,this}copySRGBToLinear(t){return this.r=li(t.r),this.g=li(t.g),this.b=li(t.b),this}copyLinearToSRGB(t){return this.r=Ms(t.r),this.g=Ms(t.g),this.b=Ms(t.b),this}convertSRGBToLinear(){return this.copySRGBToLinear(this),this}convertLinearToSRGB(){return this.copyLinearToSRGB(this),this}getHex(t=ln){return Kt.workingToColorSpace(Qe.copy(this),t),Math.round(zt(Qe.r*255,0,255))*65536+Math.round(zt(Qe.g*255,0,255))*256+Math.round(zt(Qe.b*255,0,255))}getHexString(t=ln){return("000000"+this.getHex(t).toString(16)).slice(-6)}getHSL(t,e=Kt.workingColorSpace){Kt.workingToColorSpace(Qe.copy(this),e);let i=Qe.r,n=Qe.g,r=Qe.b,o=Math.max(i,n,r),a=Math.min(i,n,r),l,c,h=(a+o)/2;if(a===o)l=0,c=0;else{let u=o-a;switch(c=h<=.5?u/(o+a):u/(2-o-a),o){case i:l=(n-r)/u+(n<r?6:0);break;case n:l=(r-i)/u+2;break;case r:l=(i-n)/u+4;break}l/=6}return t.h=l,t.s=c,t.l=h,t}getRGB(t,e=Kt.workingColorSpace){return Kt.workingToColorSpace(Qe.copy(this),e),t.r=Qe.r,t.g=Qe.g,t.b=Qe.b,t}getStyle(t=ln){Kt.workingToColorSpace(Qe.copy(this),t);let e=Qe.r,i=Qe.g,n=Qe.b;return t!==ln?`color(${t} ${e.toFixed(3)} ${i.toFixed(3)} ${n.toFixed(3)})`:`rgb(${Math.round(e*255)},${Math.round(i*255)},${Math.round(n*255)})`}offsetHSL(t,e,i){return this.getHSL(bi),this.setHSL(bi.h+t,bi.s+e,bi.l+i)}add(t){return this.r+=t.r,this.g+=t.g,this.b+=t.b,this}addColors(t,e){return this.r=t.r+e.r,this.g=t.g+e.g,this.b=t.b+e.b,this}addScalar(t){return this.r+=t,this.g+=t,this.b+=t,this}sub(t){return this.r=Math.max(0,this.r-t.r),this.g=Math.max(0,this.g-t.g),this.b=Math.max(0,this.b-t.b),this}multiply(t){return this.r*=t.r,this.g*=t.g,this.b*=t.b,this}multiplyScalar(t){return this.r*=t,this.g*=t,this.b*=t,this}lerp(t,e){return this.r+=(t.r-this.r)*e,this.g+=(t.g-this.g)*e,this.b+=(t.b-this.b)*e,this}lerpColors(t,e,i){return this.r=t.r+(e.r-t.r)*i,this.g=t.g+(e.g-t.g)*i,this.b=t.b+(e.b-t.b)*i,this}lerpHSL(t,e){this.getHSL(bi),t.getHSL(wo);let i=xr(bi.h,wo.h,e),n=xr(bi.s,wo.s,e),r=xr(bi.l,wo.l,e);return this.setHSL(i,n,r),this}setFromVector3(t){return this.r=t.x,this.g=t.y,this.b=t.z,this}applyMatrix3(t){let e=this.r,i=this.g,n=this.b,r=t.elements;return this.r=r[0]*e+r[3]*i+r[6]*n,this.g=r[1]*e+r[4]*i+r[7]*n,this.b=r[2]*e+r[5]*i+r[8]*n,this}equals(t){return t.r===this.r&&t.g===this.g&&t.b===this.b}fromArray(t,e=0){return this.r=t[e],this.g=t[e+1],this.b=t[e+2],this}toArray(t=[],e=0){return t[e]=this.r,t[e+1]=this.g,t[e+2]=this.b,t}fromBufferAttribute(t,e){return this.r=t.getX(e),this.g=t.getY(e),this.b=t.getZ(e),this}toJSON(){return this.getHex()}*[Symbol.iterator](){yield this.r,yield this.g,yield this.b}},Qe=new qt;qt.NAMES=uf;Er=class extends He{constructor(){super(),this.isScene=!0,this.type="Scene",this.background=null,this.environment=null,this.fog=null,this.backgroundBlurriness=0,this.backgroundIntensity=1,this.backgroundRotation=new hi,this.environmentIntensity=1,this.environmentRotation=new hi,this.overrideMaterial=null,typeof __THREE_DEVTOOLS__<"u"&&__THREE_DEVTOOLS__.dispatchEvent(new CustomEvent("observe",{detail:this}))}copy(t,e){return super.copy(t,e),this.background=t.background!==null?t.background.clone():null,this.environment=t.environment!==null?t.environment.clone():null,this.fog=t.fog!==null?t.fog.clone():null,this.backgroundBlurriness=t.backgroundBlurriness,this.backgroundIntensity=t.backgroundIntensity,this.backgroundRotation.copy(t.backgroundRotation),this.environmentIntensity=t.environmentIntensity,this.environmentRotation.copy(t.environmentRotation),this.overrideMaterial=t.overrideMaterial!==null?t.overrideMaterial.clone():null,this.matrixAutoUpdate=t.matrixAutoUpdate,this}toJSON(t){let e=super.toJSON(t);return this.fog!==null&&(e.object.fog=this.fog.toJSON()),e.object.backgroundBlurriness=this.backgroundBlurriness,e.object.backgroundIntensity=this.backgroundIntensity,e.object.backgroundRotation=this.backgroundRotation.toArray(),e.object.environmentIntensity=this.environmentIntensity,e.object.environmentRotation=this.environmentRotation.toArray(),e}},Bn=new P,si=new P,xc=new P,ri=new P,ds=new P,fs=new P,Qu=new P,yc=new P,vc=new P,Sc=new P,bc=new ve,Mc=new ve,wc=new ve,en=class s{constructor(t=new P,e=new P,i=new P){this.a=t,this.b=e,this.c=i}static getNormal(t,e,i,n){n.subVectors(i,e),Bn.subVectors(t,e),n.cross(Bn);let r=n.lengthSq();return r>0?n.multiplyScalar(1/Math.sqrt(r)):n.set(0,0,0)}static getBarycoord(t,e,i,n,r){Bn.subVectors(n,e),si.subVectors(i,e),xc.subVectors(t,e);let o=Bn.dot(Bn),a=Bn.dot(si),l=Bn.dot(xc),c=si.dot(si),h=si.dot(xc),u=o*c-a*a;if(u===0)return r.set(0,0,0),null;let d=1/u,f=(c*l-a*h)*d,m=(o*h-a*l)*d;return r.set(1-f-m,m,f)}static containsPoint(t,e,i,n){return this.getBarycoord(t,e,i,n,ri)===null?!1:ri.x>=0&&ri.y>=0&&ri.x+ri.y<=1}static getInterpolation(t,e,i,n,r,o,a,l){return this.getBarycoord(t,e,i,n,ri)===null?(l.x=0,l.y=0,"z"in l&&(l.z=0),"w"in l&&(l.w=0),null):(l.setScalar(0),l.addScaledVector(r,ri.x),l.addScaledVector(o,ri.y),l.addScaledVector(a,ri.z),l)}static getInterpolatedAttribute(t,e,i,n,r,o){return bc.setScalar(0),Mc.setScalar(0),wc.setScalar(0),bc.fromBufferAttribute(t,e),Mc.fromBufferAttribute(t,i),wc.fromBufferAttribute(t,n),o.setScalar(0),o.addScaledVector(bc,r.x),o.addScaledVector(Mc,r.y),o.addScaledVector(wc,r.z),o}static isFrontFacing(t,e,i,n){return Bn.subVectors(i,e),si.subVectors(t,e),Bn.cross(si).dot(n)<0}set(t,e,i){return this.a.copy(t),this.b.copy(e),this.c.copy(i),this}setFromPointsAndIndices(t,e,i,n){return this.a.copy(t[e]),this.b.copy(t[i]),this.c.copy(t[n]),this}setFromAttributeAndIndices(t,e,i,n){return this.a.fromBufferAttribute(t,e),this.b.fromBufferAttribute(t,i),this.c.fromBufferAttribute(t,n),this}clone(){return new this.constructor().copy(this)}copy(t){return this.a.copy(t.a),this.b.copy(t.b),this.c.copy(t.c),this}getArea(){return Bn.subVectors(this.c,this.b),si.subVectors(this.a,this.b),Bn.cross(si).length()*.5}getMidpoint(t){return t.addVectors(this.a,this.b).add(this.c).multiplyScalar(1/3)}getNormal(t){return s.getNormal(this.a,this.b,this.c,t)}getPlane(t){return t.setFromCoplanarPoints(this.a,this.b,this.c)}getBarycoord(t,e){return s.getBarycoord(t,this.a,this.b,this.c,e)}getInterpolation(t,e,i,n,r){return s.getInterpolation(t,this.a,this.b,this.c,e,i,n,r)}containsPoint(t){return s.containsPoint(t,this.a,this.b,this.c)}isFrontFacing(t){return s.isFrontFacing(this.a,this.b,this.c,t)}intersectsBox(t){return t.intersectsTriangle(this)}closestPointToPoint(t,e){let i=this.a,n=this.b,r=this.c,o,a;ds.subVectors(n,i),fs.subVectors(r,i),yc.subVectors(t,i);let l=ds.dot(yc),c=fs.dot(yc);if(l<=0&&c<=0)return e.copy(i);vc.subVectors(t,n);let h=ds.dot(vc),u=fs.dot(vc);if(h>=0&&u<=h)return e.copy(n);let d=l*u-h*c;if(d<=0&&l>=0&&h<=0&&l-h>0)return o=l/(l-h),e.copy(i).addScaledVector(ds,o);Sc.subVectors(t,r);let f=ds.dot(Sc),m=fs.dot(Sc);if(m>=0&&f<=m)return e.copy(r);let y=f*c-l*m;if(y<=0&&c>=0&&m<=0)return a=c/(c-m),e.copy(i).addScaledVector(fs,a);let p=h*m-f*u;if(p<=0&&u-h>=0&&f-m>=0)return Qu.subVectors(r,n),a=(u-h)/(u-h+(f-m)),e.copy(n).addScaledVector(Qu,a);let g=1/(p+y+d);return o=y*g,a=d*g,e.copy(i).addScaledVector(ds,o).addScaledVector(fs,a)}equals(t){return t.a.equals(this.a)&&t.b.equals(this.b)&&t.c.equals(this.c)}},re=class{constructor(t=new P(1/0,1/0,1/0),e=new P(-1/0,-1/0,-1/0)){this.isBox3=!0,this.min=t,this.max=e}set(t,e){return this.min.copy(t),this.max.copy(e),this}setFromArray(t){this.makeEmpty();for(let e=0,i=t.length;e<i;e+=3)this.expandByPoint(kn.fromArray(t,e));return this}setFromBufferAttribute(t){this.makeEmpty();for(let e=0,i=t.count;e<i;e++)this.expandByPoint(kn.fromBufferAttribute(t,e));return this}setFromPoints(t){this.makeEmpty();for(let e=0,i=t.length;e<i;e++)this.expandByPoint(t[e]);return this}setFromCenterAndSize(t,e){let i=kn.copy(e).multiplyScalar(.5);return this.min.copy(t).sub(i),this.max.copy(t).add(i),this}setFromObject(t,e=!1){return this.makeEmpty(),this.expandByObject(t,e)}clone(){return new this.constructor().copy(this)}copy(t){return this.min.copy(t.min),this.max.copy(t.max),this}makeEmpty(){return this.min.x=this.min.y=this.min.z=1/0,this.max.x=this.max.y=this.max.z=-1/0,this}isEmpty(){return this.max.x<this.min.x||this.max.y<this.min.y||this.max.z<this.min.z}getCenter(t){return this.isEmpty()?t.set(0,0,0):t.addVectors(this.min,this.max).multiplyScalar(.5)}getSize(t){return this.isEmpty()?t.set(0,0,0):t.subVectors(this.max,this.min)}expandByPoint(t){return this.min.min(t),this.max.max(t),this}expandByVector(t){return this.min.sub(t),this.max.add(t),this}expandByScalar(t){return this.min.addScalar(-t),this.max.addScalar(t),this}expandByObject(t,e=!1){t.updateWorldMatrix(!1,!1);let i=t.geometry;if(i!==void 0){let r=i.getAttribute("position");if(e===!0&&r!==void 0&&t.isInstancedMesh!==!0&&t.isBatchedMesh!==!0)for(let o=0,a=r.count;o<a;o++)t.isMesh===!0?t.getVertexPosition(o,kn):kn.fromBufferAttribute(r,o),kn.applyMatrix4(t.matrixWorld),this.expandByPoint(kn);else t.boundingBox!==void 0?(t.boundingBox===null&&t.computeBoundingBox(),To.copy(t.boundingBox)):(i.boundingBox===null&&i.computeBoundingBox(),To.copy(i.boundingBox)),To.applyMatrix4(t.matrixWorld),this.union(To)}let n=t.children;for(let r=0,o=n.length;r<o;r++)this.expandByObject(n[r],e);return this}containsPoint(t){return t.x>=this.min.x&&t.x<=this.max.x&&t.y>=this.min.y&&t.y<=this.max.y&&t.z>=this.min.z&&t.z<=this.max.z}containsBox(t){return this.min.x<=t.min.x&&t.max.x<=this.max.x&&this.min.y<=t.min.y&&t.max.y<=this.max.y&&this.min.z<=t.min.z&&t.max.z<=this.max.z}getParameter(t,e){return e.set((t.x-this.min.x)/(this.max.x-this.min.x),(t.y-this.min.y)/(this.max.y-this.min.y),(t.z-this.min.z)/(this.max.z-this.min.z))}intersectsBox(t){return t.max.x>=this.min.x&&t.min.x<=this.max.x&&t.max.y>=this.min.y&&t.min.y<=this.max.y&&t.max.z>=this.min.z&&t.min.z<=this.max.z}intersectsSphere(t){return this.clampPoint(t.center,kn),kn.distanceToSquared(t.center)<=t.radius*t.radius}intersectsPlane(t){let e,i;return t.normal.x>0?(e=t.normal.x*this.min.x,i=t.normal.x*this.max.x):(e=t.normal.x*this.max.x,i=t.normal.x*this.min.x),t.normal.y>0?(e+=t.normal.y*this.min.y,i+=t.normal.y*this.max.y):(e+=t.normal.y*this.max.y,i+=t.normal.y*this.min.y),t.normal.z>0?(e+=t.normal.z*this.min.z,i+=t.normal.z*this.max.z):(e+=t.normal.z*this.max.z,i+=t.normal.z*this.min.z),e<=-t.constant&&i>=-t.constant}intersectsTriangle(t){if(this.isEmpty())return!1;this.getCenter(dr),Eo.subVectors(this.max,dr),ps.subVectors(t.a,dr),ms.subVectors(t.b,dr),gs.subVectors(t.c,dr),Mi.subVectors(ms,ps),wi.subVectors(gs,ms),Wi.subVectors(ps,gs);let e=[0,-Mi.z,Mi.y,0,-wi.z,wi.y,0,-Wi.z,Wi.y,Mi.z,0,-Mi.x,wi.z,0,-wi.x,Wi.z,0,-Wi.x,-Mi.y,Mi.x,0,-wi.y,wi.x,0,-Wi.y,Wi.x,0];return!Tc(e,ps,ms,gs,Eo)||(e=[1,0,0,0,1,0,0,0,1],!Tc(e,ps,ms,gs,Eo))?!1:(Ao.crossVectors(Mi,wi),e=[Ao.x,Ao.y,Ao.z],Tc(e,ps,ms,gs,Eo))}clampPoint(t,e){return e.copy(t).clamp(this.min,this.max)}distanceToPoint(t){return this.clampPoint(t,kn).distanceTo(t)}getBoundingSphere(t){return this.isEmpty()?t.makeEmpty():(this.getCenter(t.center),t.radius=this.getSize(kn).length()*.5),t}intersect(t){return this.min.max(t.min),this.max.min(t.max),this.isEmpty()&&this.makeEmpty(),this}union(t){return this.min.min(t.min),this.max.max(t.max),this}applyMatrix4(t){return this.isEmpty()?this:(oi[0].set(this.min.x,this.min.y,this.min.z).applyMatrix4(t),oi[1].set(this.min.x,this.min.y,this.max.z).applyMatrix4(t),oi[2].set(this.min.x,this.max.y,this.min.z).applyMatrix4(t),oi[3].set(this.min.x,this.max.y,this.max.z).applyMatrix4(t),oi[4].set(this.max.x,this.min.y,this.min.z).applyMatrix4(t),oi[5].set(this.max.x,this.min.y,this.max.z).applyMatrix4(t),oi[6].set(this.max.x,this.max.y,this.min.z).applyMatrix4(t),oi[7].set(this.max.x,this.max.y,this.max.z).applyMatrix4(t),this.setFromPoints(oi),this)}translate(t){return this.min.add(t),this.max.add(t),this}equals(t){return t.min.equals(this.min)&&t.max.equals(this.max)}toJSON(){return{min:this.min.toArray(),max:this.max.toArray()}}fromJSON(t){return this.min.fromArray(t.min),this.max.fromArray(t.max),this}},oi=[new P,new P,new P,new P,new P,new P,new P,new P],kn=new P,To=new re,ps=new P,ms=new P,gs=new P,Mi=new P,wi=new P,Wi=new P,dr=new P,Eo=new P,Ao=new P,qi=new P;De=new P,Co=new ut,og=0,we=class extends zn{constructor(t,e,i=!1){if(super(),Array.isArray(t))throw new TypeError("THREE.BufferAttribute: array should be a Typed Array.");this.isBufferAttribute=!0,Object.defineProperty(this,"id",{value:og++}),this.name="",this.array=t,this.itemSize=e,this.count=t!==void 0?t.length/e:0,this.normalized=i,this.usage=sf,this.updateRanges=[],this.gpuType=Mn,this.version=0,this._normalizationScale=t!==void 0?wh(t):void 0}onUploadCallback(){}set needsUpdate(t){t===!0&&this.version++}setUsage(t){return this.usage=t,this}addUpdateRange(t,e){this.updateRanges.push({start:t,count:e})}clearUpdateRanges(){this.updateRanges.length=0}copy(t){return this.name=t.name,this.array=new t.array.constructor(t.array),this.itemSize=t.itemSize,this.count=t.count,this.normalized=t.normalized,this.usage=t.usage,this.gpuType=t.gpuType,this._normalizationScale=t._normalizationScale,this}copyAt(t,e,i){t*=this.itemSize,i*=e.itemSize;for(let n=0,r=this.itemSize;n<r;n++)this.array[t+n]=e.array[i+n];return this}copyArray(t){return this.array.set(t),this}applyMatrix3(t){if(this.itemSize===2)for(let e=0,i=this.count;e<i;e++)Co.fromBufferAttribute(this,e),Co.applyMatrix3(t),this.setXY(e,Co.x,Co.y);else if(this.itemSize===3)for(let e=0,i=this.count;e<i;e++)De.fromBufferAttribute(this,e),De.applyMatrix3(t),this.setXYZ(e,De.x,De.y,De.z);return this}applyMatrix4(t){for(let e=0,i=this.count;e<i;e++)De.fromBufferAttribute(this,e),De.applyMatrix4(t),this.setXYZ(e,De.x,De.y,De.z);return this}applyNormalMatrix(t){for(let e=0,i=this.count;e<i;e++)De.fromBufferAttribute(this,e),De.applyNormalMatrix(t),this.setXYZ(e,De.x,De.y,De.z);return this}transformDirection(t){for(let e=0,i=this.count;e<i;e++)De.fromBufferAttribute(this,e),De.transformDirection(t),this.setXYZ(e,De.x,De.y,De.z);return this}set(t,e=0){return this.array.set(t,e),this}getComponent(t,e){let i=this.array[t*this.itemSize+e];return this.normalized&&(i=this._denormalize(i)),i}setComponent(t,e,i){return this.normalized&&(i=this._normalize(i)),this.array[t*this.itemSize+e]=i,this}getX(t){let e=this.array[t*this.itemSize];return this.normalized&&(e=this._denormalize(e)),e}setX(t,e){return this.normalized&&(e=this._normalize(e)),this.array[t*this.itemSize]=e,this}getY(t){let e=this.array[t*this.itemSize+1];return this.normalized&&(e=this._denormalize(e)),e}setY(t,e){return this.normalized&&(e=this._normalize(e)),this.array[t*this.itemSize+1]=e,this}getZ(t){let e=this.array[t*this.itemSize+2];return this.normalized&&(e=this._denormalize(e)),e}setZ(t,e){return this.normalized&&(e=this._normalize(e)),this.array[t*this.itemSize+2]=e,this}getW(t){let e=this.array[t*this.itemSize+3];return this.normalized&&(e=this._denormalize(e)),e}setW(t,e){return this.normalized&&(e=this._normalize(e)),this.array[t*this.itemSize+3]=e,this}setXY(t,e,i){return t*=this.itemSize,this.normalized&&(e=this._normalize(e),i=this._normalize(i)),this.array[t+0]=e,this.array[t+1]=i,this}setXYZ(t,e,i,n){return t*=this.itemSize,this.normalized&&(e=this._normalize(e),i=this._normalize(i),n=this._normalize(n)),this.array[t+0]=e,this.array[t+1]=i,this.array[t+2]=n,this}setXYZW(t,e,i,n,r){return t*=this.itemSize,this.normalized&&(e=this._normalize(e),i=this._normalize(i),n=this._normalize(n),r=this._normalize(r)),this.array[t+0]=e,this.array[t+1]=i,this.array[t+2]=n,this.array[t+3]=r,this}onUpload(t){return this.onUploadCallback=t,this}clone(){return new this.constructor(this.array,this.itemSize).copy(this)}toJSON(){let t={itemSize:this.itemSize,type:this.array.constructor.name,array:Array.from(this.array),normalized:this.normalized};return t.name=this.name,t.usage=this.usage,t.gpuType=this.gpuType,t}dispose(){this.dispatchEvent({type:"dispose"})}_denormalize(t){let e=this._normalizationScale;return e!==void 0?Math.max(t/e,-1):cf(t,this.array)}_normalize(t){let e=this._normalizationScale;return e!==void 0?Math.round(t*e):hf(t,this.array)}},Ar=class extends we{constructor(t,e,i){super(new Uint16Array(t),e,i)}},Cr=class extends we{constructor(t,e,i){super(new Uint32Array(t),e,i)}},Ne=class extends we{constructor(t,e,i){super(new Float32Array(t),e,i)}},ag=new re,fr=new P,Ec=new P,Xe=class{constructor(t=new P,e=-1){this.isSphere=!0,this.center=t,this.radius=e}set(t,e){return this.center.copy(t),this.radius=e,this}setFromPoints(t,e){let i=this.center;e!==void 0?i.copy(e):ag.setFromPoints(t).getCenter(i);let n=0;for(let r=0,o=t.length;r<o;r++)n=Math.max(n,i.distanceToSquared(t[r]));return this.radius=Math.sqrt(n),this}copy(t){return this.center.copy(t.center),this.radius=t.radius,this}isEmpty(){return this.radius<0}makeEmpty(){return this.center.set(0,0,0),this.radius=-1,this}containsPoint(t){return t.distanceToSquared(this.center)<=this.radius*this.radius}distanceToPoint(t){return t.distanceTo(this.center)-this.radius}intersectsSphere(t){let e=this.radius+t.radius;return t.center.distanceToSquared(this.center)<=e*e}intersectsBox(t){return t.intersectsSphere(this)}intersectsPlane(t){return Math.abs(t.distanceToPoint(this.center))<=this.radius}clampPoint(t,e){let i=this.center.distanceToSquared(t);return e.copy(t),i>this.radius*this.radius&&(e.sub(this.center).normalize(),e.multiplyScalar(this.radius).add(this.center)),e}getBoundingBox(t){return this.isEmpty()?(t.makeEmpty(),t):(t.set(this.center,this.center),t.expandByScalar(this.radius),t)}applyMatrix4(t){return this.center.applyMatrix4(t),this.radius=this.radius*t.getMaxScaleOnAxis(),this}translate(t){return this.center.add(t),this}expandByPoint(t){if(this.isEmpty())return this.center.copy(t),this.radius=0,this;fr.subVectors(t,this.center);let e=fr.lengthSq();if(e>this.radius*this.radius){let i=Math.sqrt(e),n=(i-this.radius)*.5;this.center.addScaledVector(fr,n/i),this.radius+=n}return this}union(t){return t.isEmpty()?this:this.isEmpty()?(this.copy(t),this):(this.center.equals(t.center)===!0?this.radius=Math.max(this.radius,t.radius):(Ec.subVectors(t.center,this.center).setLength(t.radius),this.expandByPoint(fr.copy(t.center).add(Ec)),this.expandByPoint(fr.copy(t.center).sub(Ec))),this)}equals(t){return t.center.equals(this.center)&&t.radius===this.radius}clone(){return new this.constructor().copy(this)}toJSON(){return{radius:this.radius,center:this.center.toArray()}}fromJSON(t){return this.radius=t.radius,this.center.fromArray(t.center),this}},lg=0,Rn=new kt,Ac=new He,_s=new P,bn=new re,pr=new re,ze=new P,Te=class s extends zn{constructor(){super(),this.isBufferGeometry=!0,Object.defineProperty(this,"id",{value:lg++}),this.uuid=Hs(),this.name="",this.type="BufferGeometry",this.index=null,this.indirect=null,this.indirectOffset=0,this.attributes={},this.morphAttributes={},this.morphTargetsRelative=!1,this.groups=[],this.boundingBox=null,this.boundingSphere=null,this.drawRange={start:0,count:1/0},this.userData={},this._transformed=!1}getIndex(){return this.index}setIndex(t){return Array.isArray(t)?this.index=new(Dm(t)?Cr:Ar)(t,1):this.index=t,this}setIndirect(t,e=0){return this.indirect=t,this.indirectOffset=e,this}getIndirect(){return this.indirect}getAttribute(t){return this.attributes[t]}setAttribute(t,e){return this.attributes[t]=e,this}deleteAttribute(t){return delete this.attributes[t],this}hasAttribute(t){return this.attributes[t]!==void 0}addGroup(t,e,i=0){this.groups.push({start:t,count:e,materialIndex:i})}clearGroups(){this.groups=[]}setDrawRange(t,e){this.drawRange.start=t,this.drawRange.count=e}applyMatrix4(t){let e=this.attributes.position;e!==void 0&&(e.applyMatrix4(t),e.needsUpdate=!0);let i=this.attributes.normal;if(i!==void 0){let r=new Vt().getNormalMatrix(t);i.applyNormalMatrix(r),i.needsUpdate=!0}let n=this.attributes.tangent;return n!==void 0&&(n.transformDirection(t),n.needsUpdate=!0),this.boundingBox!==null&&this.computeBoundingBox(),this.boundingSphere!==null&&this.computeBoundingSphere(),this._transformed=!0,this}applyQuaternion(t){return Rn.makeRotationFromQuaternion(t),this.applyMatrix4(Rn),this}rotateX(t){return Rn.makeRotationX(t),this.applyMatrix4(Rn),this}rotateY(t){return Rn.makeRotationY(t),this.applyMatrix4(Rn),this}rotateZ(t){return Rn.makeRotationZ(t),this.applyMatrix4(Rn),this}translate(t,e,i){return Rn.makeTranslation(t,e,i),this.applyMatrix4(Rn),this}scale(t,e,i){return Rn.makeScale(t,e,i),this.applyMatrix4(Rn),this}lookAt(t){return Ac.lookAt(t),Ac.updateMatrix(),this.applyMatrix4(Ac.matrix),this}center(){return this.computeBoundingBox(),this.boundingBox.getCenter(_s).negate(),this.translate(_s.x,_s.y,_s.z),this}setFromPoints(t){let e=this.getAttribute("position");if(e===void 0){let i=[];for(let n=0,r=t.length;n<r;n++){let o=t[n];i.push(o.x,o.y,o.z||0)}this.setAttribute("position",new Ne(i,3))}else{let i=Math.min(t.length,e.count);for(let n=0;n<i;n++){let r=t[n];e.setXYZ(n,r.x,r.y,r.z||0)}t.length>e.count&&Nt("BufferGeometry: Buffer size too small for points data. Use .dispose() and create a new geometry."),e.needsUpdate=!0}return this}computeBoundingBox(){this.boundingBox===null&&(this.boundingBox=new re);let t=this.attributes.position,e=this.morphAttributes.position;if(t&&t.isGLBufferAttribute){Bt("BufferGeometry.computeBoundingBox(): GLBufferAttribute requires a manual bounding box.",this),this.boundingBox.set(new P(-1/0,-1/0,-1/0),new P(1/0,1/0,1/0));return}if(t!==void 0){if(this.boundingBox.setFromBufferAttribute(t),e)for(let i=0,n=e.length;i<n;i++){let r=e[i];bn.setFromBufferAttribute(r),this.morphTargetsRelative?(ze.addVectors(this.boundingBox.min,bn.min),this.boundingBox.expandByPoint(ze),ze.addVectors(this.boundingBox.max,bn.max),this.boundingBox.expandByPoint(ze)):(this.boundingBox.expandByPoint(bn.min),this.boundingBox.expandByPoint(bn.max))}}else this.boundingBox.makeEmpty();(isNaN(this.boundingBox.min.x)||isNaN(this.boundingBox.min.y)||isNaN(this.boundingBox.min.z))&&Bt('BufferGeometry.computeBoundingBox(): Computed min/max have NaN values. The "position" attribute is likely to have NaN values.',this)}computeBoundingSphere(){this.boundingSphere===null&&(this.boundingSphere=new Xe);let t=this.attributes.position,e=this.morphAttributes.position;if(t&&t.isGLBufferAttribute){Bt("BufferGeometry.computeBoundingSphere(): GLBufferAttribute requires a manual bounding sphere.",this),this.boundingSphere.set(new P,1/0);return}if(t){let i=this.boundingSphere.center;if(bn.setFromBufferAttribute(t),e)for(let r=0,o=e.length;r<o;r++){let a=e[r];pr.setFromBufferAttribute(a),this.morphTargetsRelative?(ze.addVectors(bn.min,pr.min),bn.expandByPoint(ze),ze.addVectors(bn.max,pr.max),bn.expandByPoint(ze)):(bn.expandByPoint(pr.min),bn.expandByPoint(pr.max))}bn.getCenter(i);let n=0;for(let r=0,o=t.count;r<o;r++)ze.fromBufferAttribute(t,r),n=Math.max(n,i.distanceToSquared(ze));if(e)for(let r=0,o=e.length;r<o;r++){let a=e[r],l=this.morphTargetsRelative;for(let c=0,h=a.count;c<h;c++)ze.fromBufferAttribute(a,c),l&&(_s.fromBufferAttribute(t,c),ze.add(_s)),n=Math.max(n,i.distanceToSquared(ze))}this.boundingSphere.radius=Math.sqrt(n),isNaN(this.boundingSphere.radius)&&Bt('BufferGeometry.computeBoundingSphere(): Computed radius is NaN. The "position" attribute is likely to have NaN values.',this)}}computeTangents(){let t=this.index,e=this.attributes;if(t===null||e.position===void 0||e.normal===void 0||e.uv===void 0){Bt("BufferGeometry: .computeTangents() failed. Missing required attributes (index, position, normal or uv)");return}let i=e.position,n=e.normal,r=e.uv,o=this.getAttribute("tangent");(o===void 0||o.count!==i.count)&&(o=new we(new Float32Array(4*i.count),4),this.setAttribute("tangent",o));let a=[],l=[],c=new Uint8Array(i.count);for(let C=0;C<i.count;C++)a[C]=new P,l[C]=new P;let h=new P,u=new P,d=new P,f=new ut,m=new ut,y=new ut,p=new P,g=new P;function x(C,A,I){c[C]=c[A]=c[I]=1,h.fromBufferAttribute(i,C),u.fromBufferAttribute(i,A),d.fromBufferAttribute(i,I),f.fromBufferAttribute(r,C),m.fromBufferAttribute(r,A),y.fromBufferAttribute(r,I),u.sub(h),d.sub(h),m.sub(f),y.sub(f);let R=1/(m.x*y.y-y.x*m.y);isFinite(R)&&(p.copy(u).multiplyScalar(y.y).addScaledVector(d,-m.y).multiplyScalar(R),g.copy(d).multiplyScalar(m.x).addScaledVector(u,-y.x).multiplyScalar(R),a[C].add(p),a[A].add(p),a[I].add(p),l[C].add(g),l[A].add(g),l[I].add(g))}let S=this.groups;S.length===0&&(S=[{start:0,count:t.count}]);for(let C=0,A=S.length;C<A;++C){let I=S[C],R=I.start,F=I.count;for(let L=R,k=R+F;L<k;L+=3)x(t.getX(L+0),t.getX(L+1),t.getX(L+2))}let v=new P,M=new P,w=new P,_=new P;function b(C){w.fromBufferAttribute(n,C),_.copy(w);let A=a[C];v.copy(A),v.sub(w.multiplyScalar(w.dot(A))).normalize(),M.crossVectors(_,A);let R=M.dot(l[C])<0?-1:1;o.setXYZW(C,v.x,v.y,v.z,R)}for(let C=0,A=i.count;C<A;++C)c[C]&&b(C);this._transformed=!0}computeVertexNormals(){let t=this.index,e=this.getAttribute("position");if(e!==void 0){let i=this.getAttribute("normal");if(i===void 0||i.count!==e.count)i=new we(new Float32Array(e.count*3),3),this.setAttribute("normal",i);else for(let d=0,f=i.count;d<f;d++)i.setXYZ(d,0,0,0);let n=new P,r=new P,o=new P,a=new P,l=new P,c=new P,h=new P,u=new P;if(t)for(let d=0,f=t.count;d<f;d+=3){let m=t.getX(d+0),y=t.getX(d+1),p=t.getX(d+2);n.fromBufferAttribute(e,m),r.fromBufferAttribute(e,y),o.fromBufferAttribute(e,p),h.subVectors(o,r),u.subVectors(n,r),h.cross(u),a.fromBufferAttribute(i,m),l.fromBufferAttribute(i,y),c.fromBufferAttribute(i,p),a.add(h),l.add(h),c.add(h),i.setXYZ(m,a.x,a.y,a.z),i.setXYZ(y,l.x,l.y,l.z),i.setXYZ(p,c.x,c.y,c.z)}else for(let d=0,f=e.count;d<f;d+=3)n.fromBufferAttribute(e,d+0),r.fromBufferAttribute(e,d+1),o.fromBufferAttribute(e,d+2),h.subVectors(o,r),u.subVectors(n,r),h.cross(u),i.setXYZ(d+0,h.x,h.y,h.z),i.setXYZ(d+1,h.x,h.y,h.z),i.setXYZ(d+2,h.x,h.y,h.z);this.normalizeNormals(),i.needsUpdate=!0}}normalizeNormals(){let t=this.attributes.normal;for(let e=0,i=t.count;e<i;e++)ze.fromBufferAttribute(t,e),ze.normalize(),t.setXYZ(e,ze.x,ze.y,ze.z)}toNonIndexed(){function t(a,l){let c=a.array,h=a.itemSize,u=a.normalized,d=new c.constructor(l.length*h),f=0,m=0;for(let y=0,p=l.length;y<p;y++){a.isInterleavedBufferAttribute?f=l[y]*a.data.stride+a.offset:f=l[y]*h;for(let g=0;g<h;g++)d[m++]=c[f++]}return new we(d,h,u)}if(this.index===null)return Nt("BufferGeometry.toNonIndexed(): BufferGeometry is already non-indexed."),this;let e=new s,i=this.index.array,n=this.attributes;for(let a in n){let l=n[a],c=t(l,i);e.setAttribute(a,c)}let r=this.morphAttributes;for(let a in r){let l=[],c=r[a];for(let h=0,u=c.length;h<u;h++){let d=c[h],f=t(d,i);l.push(f)}e.morphAttributes[a]=l}e.morphTargetsRelative=this.morphTargetsRelative;let o=this.groups;for(let a=0,l=o.length;a<l;a++){let c=o[a];e.addGroup(c.start,c.count,c.materialIndex)}return e}toJSON(){let t={metadata:{version:4.7,type:"BufferGeometry",generator:"BufferGeometry.toJSON"}};if(t.uuid=this.uuid,t.type=this.parameters!==void 0&&this._transformed===!0?"BufferGeometry":this.type,t.name=this.name,Object.keys(this.userData).length>0&&(t.userData=this.userData),this.parameters!==void 0&&this._transformed!==!0){let l=this.parameters;for(let c in l)l[c]!==void 0&&(t[c]=l[c]);return t}t.data={attributes:{}};let e=this.index;e!==null&&(t.data.index={type:e.array.constructor.name,array:Array.prototype.slice.call(e.array)});let i=this.attributes;for(let l in i){let c=i[l];t.data.attributes[l]=c.toJSON(t.data)}let n={},r=!1;for(let l in this.morphAttributes){let c=this.morphAttributes[l],h=[];for(let u=0,d=c.length;u<d;u++){let f=c[u];h.push(f.toJSON(t.data))}h.length>0&&(n[l]=h,r=!0)}r&&(t.data.morphAttributes=n,t.data.morphTargetsRelative=this.morphTargetsRelative);let o=this.groups;o.length>0&&(t.data.groups=JSON.parse(JSON.stringify(o)));let a=this.boundingSphere;return a!==null&&(t.data.boundingSphere=a.toJSON()),t}clone(){return new this.constructor().copy(this)}copy(t){this.index=null,this.attributes={},this.morphAttributes={},this.groups=[],this.boundingBox=null,this.boundingSphere=null;let e={};this.name=t.name;let i=t.index;i!==null&&this.setIndex(i.clone());let n=t.attributes;for(let c in n){let h=n[c];this.setAttribute(c,h.clone(e))}let r=t.morphAttributes;for(let c in r){let h=[],u=r[c];for(let d=0,f=u.length;d<f;d++)h.push(u[d].clone(e));this.morphAttributes[c]=h}this.morphTargetsRelative=t.morphTargetsRelative;let o=t.groups;for(let c=0,h=o.length;c<h;c++){let u=o[c];this.addGroup(u.start,u.count,u.materialIndex)}let a=t.boundingBox;a!==null&&(this.boundingBox=a.clone());let l=t.boundingSphere;return l!==null&&(this.boundingSphere=l.clone()),this.drawRange.start=t.drawRange.start,this.drawRange.count=t.drawRange.count,this.userData=t.userData,this._transformed=t._transformed,this}dispose(){this.dispatchEvent({type:"dispose"})}},Cc=new P,cg=new P,hg=new Vt,qe=class{constructor(t=new P(1,0,0),e=0){this.isPlane=!0,this.normal=t,this.constant=e}set(t,e){return this.normal.copy(t),this.constant=e,this}setComponents(t,e,i,n){return this.normal.set(t,e,i),this.constant=n,this}setFromNormalAndCoplanarPoint(t,e){return this.normal.copy(t),this.constant=-e.dot(this.normal),this}setFromCoplanarPoints(t,e,i){let n=Cc.subVectors(i,e).cross(cg.subVectors(t,e)).normalize();return this.setFromNormalAndCoplanarPoint(n,t),this}copy(t){return this.normal.copy(t.normal),this.constant=t.constant,this}normalize(){let t=1/this.normal.length();return this.normal.multiplyScalar(t),this.constant*=t,this}negate(){return this.constant*=-1,this.normal.negate(),this}distanceToPoint(t){return this.normal.dot(t)+this.constant}distanceToSphere(t){return this.distanceToPoint(t.center)-t.radius}projectPoint(t,e){return e.copy(t).addScaledVector(this.normal,-this.distanceToPoint(t))}intersectLine(t,e,i=!0){let n=t.delta(Cc),r=this.normal.dot(n);if(r===0)return this.distanceToPoint(t.start)===0?e.copy(t.start):null;let o=-(t.start.dot(this.normal)+this.constant)/r;return i===!0&&(o<0||o>1)?null:e.copy(t.start).addScaledVector(n,o)}intersectsLine(t){let e=this.distanceToPoint(t.start),i=this.distanceToPoint(t.end);return e<0&&i>0||i<0&&e>0}intersectsBox(t){return t.intersectsPlane(this)}intersectsSphere(t){return t.intersectsPlane(this)}coplanarPoint(t){return t.copy(this.normal).multiplyScalar(-this.constant)}applyMatrix4(t,e){let i=e||hg.getNormalMatrix(t),n=this.coplanarPoint(Cc).applyMatrix4(t),r=this.normal.applyMatrix3(i).normalize();return this.constant=-n.dot(r),this}translate(t){return this.constant-=t.dot(this.normal),this}equals(t){return t.normal.equals(this.normal)&&t.constant===this.constant}clone(){return new this.constructor().copy(this)}toJSON(){return{normal:this.normal.toArray(),constant:this.constant}}fromJSON(t){return this.normal.fromArray(t.normal),this.constant=t.constant,this}},ug=0,Zn=class extends zn{constructor(){super(),this.isMaterial=!0,Object.defineProperty(this,"id",{value:ug++}),this.uuid=Hs(),this.name="",this.type="Material",this.blending=ks,this.side=Hn,this.vertexColors=!1,this.opacity=1,this.transparent=!1,this.alphaHash=!1,this.blendSrc=th,this.blendDst=eh,this.blendEquation=ts,this.blendSrcAlpha=null,this.blendDstAlpha=null,this.blendEquationAlpha=null,this.blendColor=new qt(0,0,0),this.blendAlpha=0,this.depthFunc=ws,this.depthTest=!0,this.depthWrite=!0,this.stencilWriteMask=255,this.stencilFunc=Kd,this.stencilRef=0,this.stencilFuncMask=255,this.stencilFail=Jo,this.stencilZFail=Jo,this.stencilZPass=Jo,this.stencilWrite=!1,this.clippingPlanes=null,this.clipIntersection=!1,this.clipShadows=!1,this.shadowSide=null,this.colorWrite=!0,this.precision=null,this.polygonOffset=!1,this.polygonOffsetFactor=0,this.polygonOffsetUnits=0,this.dithering=!1,this.alphaToCoverage=!1,this.premultipliedAlpha=!1,this.forceSinglePass=!1,this.allowOverride=!0,this.visible=!0,this.toneMapped=!0,this.userData={},this.version=0,this._alphaTest=0}get alphaTest(){return this._alphaTest}set alphaTest(t){this._alphaTest>0!=t>0&&this.version++,this._alphaTest=t}onBeforeRender(){}onBeforeCompile(){}customProgramCacheKey(){return this.onBeforeCompile.toString()}setValues(t){if(t!==void 0)for(let e in t){let i=t[e];if(i===void 0){Nt(`Material: parameter '${e}' has value of undefined.`);continue}let n=this[e];if(n===void 0){Nt(`Material: '${e}' is not a property of THREE.${this.type}.`);continue}n&&n.isColor?n.set(i):n&&n.isVector2&&i&&i.isVector2||n&&n.isEuler&&i&&i.isEuler||n&&n.isVector3&&i&&i.isVector3?n.copy(i):this[e]=i}}toJSON(t){let e=t===void 0||typeof t=="string";e&&(t={textures:{},images:{}});let i={metadata:{version:4.7,type:"Material",generator:"Material.toJSON"}};i.uuid=this.uuid,i.type=this.type,i.blending=this.blending,i.side=this.side,i.shadowSide=this.shadowSide,i.vertexColors=this.vertexColors,i.opacity=this.opacity,i.transparent=this.transparent,i.blendSrc=this.blendSrc,i.blendDst=this.blendDst,i.blendEquation=this.blendEquation,i.blendSrcAlpha=this.blendSrcAlpha,i.blendDstAlpha=this.blendDstAlpha,i.blendEquationAlpha=this.blendEquationAlpha,i.blendColor=this.blendColor.getHex(),i.blendAlpha=this.blendAlpha,i.depthFunc=this.depthFunc,i.depthTest=this.depthTest,i.depthWrite=this.depthWrite,i.colorWrite=this.colorWrite,i.clipIntersection=this.clipIntersection,i.clipShadows=this.clipShadows,i.stencilWriteMask=this.stencilWriteMask,i.stencilFunc=this.stencilFunc,i.stencilRef=this.stencilRef,i.stencilFuncMask=this.stencilFuncMask,i.stencilFail=this.stencilFail,i.stencilZFail=this.stencilZFail,i.stencilZPass=this.stencilZPass,i.stencilWrite=this.stencilWrite,i.polygonOffset=this.polygonOffset,i.polygonOffsetFactor=this.polygonOffsetFactor,i.polygonOffsetUnits=this.polygonOffsetUnits,i.dithering=this.dithering,i.alphaTest=this.alphaTest,i.alphaHash=this.alphaHash,i.alphaToCoverage=this.alphaToCoverage,i.premultipliedAlpha=this.premultipliedAlpha,i.forceSinglePass=this.forceSinglePass,i.allowOverride=this.allowOverride,i.visible=this.visible,i.toneMapped=this.toneMapped,i.name=this.name,this.color&&this.color.isColor&&(i.color=this.color.getHex()),this.roughness!==void 0&&(i.roughness=this.roughness),this.metalness!==void 0&&(i.metalness=this.metalness),this.sheen!==void 0&&(i.sheen=this.sheen),this.sheenColor&&this.sheenColor.isColor&&(i.sheenColor=this.sheenColor.getHex()),this.sheenRoughness!==void 0&&(i.sheenRoughness=this.sheenRoughness),this.emissive&&this.emissive.isColor&&(i.emissive=this.emissive.getHex()),this.emissiveIntensity!==void 0&&(i.emissiveIntensity=this.emissiveIntensity),this.specular&&this.specular.isColor&&(i.specular=this.specular.getHex()),this.specularIntensity!==void 0&&(i.specularIntensity=this.specularIntensity),this.specularColor&&this.specularColor.isColor&&(i.specularColor=this.specularColor.getHex()),this.shininess!==void 0&&(i.shininess=this.shininess),this.clearcoat!==void 0&&(i.clearcoat=this.clearcoat),this.clearcoatRoughness!==void 0&&(i.clearcoatRoughness=this.clearcoatRoughness),this.diffuseRoughness!==void 0&&(i.diffuseRoughness=this.diffuseRoughness),this.diffuseRoughnessMap&&this.diffuseRoughnessMap.isTexture&&(i.diffuseRoughnessMap=this.diffuseRoughnessMap.toJSON(t).uuid),this.clearcoatMap&&this.clearcoatMap.isTexture&&(i.clearcoatMap=this.clearcoatMap.toJSON(t).uuid),this.clearcoatRoughnessMap&&this.clearcoatRoughnessMap.isTexture&&(i.clearcoatRoughnessMap=this.clearcoatRoughnessMap.toJSON(t).uuid),this.clearcoatNormalMap&&this.clearcoatNormalMap.isTexture&&(i.clearcoatNormalMap=this.clearcoatNormalMap.toJSON(t).uuid,i.clearcoatNormalScale=this.clearcoatNormalScale.toArray()),this.sheenColorMap&&this.sheenColorMap.isTexture&&(i.sheenColorMap=this.sheenColorMap.toJSON(t).uuid),this.sheenRoughnessMap&&this.sheenRoughnessMap.isTexture&&(i.sheenRoughnessMap=this.sheenRoughnessMap.toJSON(t).uuid),this.dispersion!==void 0&&(i.dispersion=this.dispersion),this.retroreflectivity!==void 0&&(i.retroreflectivity=this.retroreflectivity),this.iridescence!==void 0&&(i.iridescence=this.iridescence),this.iridescenceIOR!==void 0&&(i.iridescenceIOR=this.iridescenceIOR),this.iridescenceThicknessMinimum!==void 0&&(i.iridescenceThicknessMinimum=this.iridescenceThicknessMinimum),this.iridescenceThicknessMaximum!==void 0&&(i.iridescenceThicknessMaximum=this.iridescenceThicknessMaximum),this.iridescenceMap&&this.iridescenceMap.isTexture&&(i.iridescenceMap=this.iridescenceMap.toJSON(t).uuid),this.iridescenceThicknessMap&&this.iridescenceThicknessMap.isTexture&&(i.iridescenceThicknessMap=this.iridescenceThicknessMap.toJSON(t).uuid),this.anisotropy!==void 0&&(i.anisotropy=this.anisotropy),this.anisotropyRotation!==void 0&&(i.anisotropyRotation=this.anisotropyRotation),this.anisotropyMap&&this.anisotropyMap.isTexture&&(i.anisotropyMap=this.anisotropyMap.toJSON(t).uuid),this.map&&this.map.isTexture&&(i.map=this.map.toJSON(t).uuid),this.matcap&&this.matcap.isTexture&&(i.matcap=this.matcap.toJSON(t).uuid),this.alphaMap&&this.alphaMap.isTexture&&(i.alphaMap=this.alphaMap.toJSON(t).uuid),this.lightMap&&this.lightMap.isTexture&&(i.lightMap=this.lightMap.toJSON(t).uuid,i.lightMapIntensity=this.lightMapIntensity),this.aoMap&&this.aoMap.isTexture&&(i.aoMap=this.aoMap.toJSON(t).uuid,i.aoMapIntensity=this.aoMapIntensity),this.bumpMap&&this.bumpMap.isTexture&&(i.bumpMap=this.bumpMap.toJSON(t).uuid,i.bumpScale=this.bumpScale),this.normalMap&&this.normalMap.isTexture&&(i.normalMap=this.normalMap.toJSON(t).uuid,i.normalMapType=this.normalMapType,i.normalScale=this.normalScale.toArray()),this.displacementMap&&this.displacementMap.isTexture&&(i.displacementMap=this.displacementMap.toJSON(t).uuid,i.displacementScale=this.displacementScale,i.displacementBias=this.displacementBias),this.roughnessMap&&this.roughnessMap.isTexture&&(i.roughnessMap=this.roughnessMap.toJSON(t).uuid),this.metalnessMap&&this.metalnessMap.isTexture&&(i.metalnessMap=this.metalnessMap.toJSON(t).uuid),this.emissiveMap&&this.emissiveMap.isTexture&&(i.emissiveMap=this.emissiveMap.toJSON(t).uuid),this.specularMap&&this.specularMap.isTexture&&(i.specularMap=this.specularMap.toJSON(t).uuid),this.specularIntensityMap&&this.specularIntensityMap.isTexture&&(i.specularIntensityMap=this.specularIntensityMap.toJSON(t).uuid),this.specularColorMap&&this.specularColorMap.isTexture&&(i.specularColorMap=this.specularColorMap.toJSON(t).uuid),this.envMap&&this.envMap.isTexture&&(i.envMap=this.envMap.toJSON(t).uuid,this.combine!==void 0&&(i.combine=this.combine)),this.envMapRotation!==void 0&&(i.envMapRotation=this.envMapRotation.toArray()),this.envMapIntensity!==void 0&&(i.envMapIntensity=this.envMapIntensity),this.reflectivity!==void 0&&(i.reflectivity=this.reflectivity),this.refractionRatio!==void 0&&(i.refractionRatio=this.refractionRatio),this.gradientMap&&this.gradientMap.isTexture&&(i.gradientMap=this.gradientMap.toJSON(t).uuid),this.transmission!==void 0&&(i.transmission=this.transmission),this.transmissionMap&&this.transmissionMap.isTexture&&(i.transmissionMap=this.transmissionMap.toJSON(t).uuid),this.thickness!==void 0&&(i.thickness=this.thickness),this.thicknessMap&&this.thicknessMap.isTexture&&(i.thicknessMap=this.thicknessMap.toJSON(t).uuid),this.attenuationDistance!==void 0&&(i.attenuationDistance=this.attenuationDistance),this.attenuationColor!==void 0&&(i.attenuationColor=this.attenuationColor.getHex()),this.size!==void 0&&(i.size=this.size),this.sizeAttenuation!==void 0&&(i.sizeAttenuation=this.sizeAttenuation),Array.isArray(this.clippingPlanes)&&this.clippingPlanes.length>0&&(i.clippingPlanes=this.clippingPlanes.map(r=>r.toJSON())),this.rotation!==void 0&&(i.rotation=this.rotation),this.depthPacking!==void 0&&(i.depthPacking=this.depthPacking),this.linewidth!==void 0&&(i.linewidth=this.linewidth),this.linecap!==void 0&&(i.linecap=this.linecap),this.linejoin!==void 0&&(i.linejoin=this.linejoin),this.dashSize!==void 0&&(i.dashSize=this.dashSize),this.gapSize!==void 0&&(i.gapSize=this.gapSize),this.scale!==void 0&&(i.scale=this.scale),this.wireframe!==void 0&&(i.wireframe=this.wireframe),this.wireframeLinewidth!==void 0&&(i.wireframeLinewidth=this.wireframeLinewidth),this.wireframeLinecap!==void 0&&(i.wireframeLinecap=this.wireframeLinecap),this.wireframeLinejoin!==void 0&&(i.wireframeLinejoin=this.wireframeLinejoin),this.flatShading!==void 0&&(i.flatShading=this.flatShading),this.fog!==void 0&&(i.fog=this.fog),Object.keys(this.userData).length>0&&(i.userData=this.userData);function n(r){let o=[];for(let a in r){let l=r[a];delete l.metadata,o.push(l)}return o}if(e){let r=n(t.textures),o=n(t.images);r.length>0&&(i.textures=r),o.length>0&&(i.images=o)}return i}fromJSON(t,e){if(t.uuid!==void 0&&(this.uuid=t.uuid),t.name!==void 0&&(this.name=t.name),t.color!==void 0&&this.color!==void 0&&this.color.setHex(t.color),t.roughness!==void 0&&(this.roughness=t.roughness),t.metalness!==void 0&&(this.metalness=t.metalness),t.sheen!==void 0&&(this.sheen=t.sheen),t.sheenColor!==void 0&&(this.sheenColor=new qt().setHex(t.sheenColor)),t.sheenRoughness!==void 0&&(this.sheenRoughness=t.sheenRoughness),t.emissive!==void 0&&this.emissive!==void 0&&this.emissive.setHex(t.emissive),t.specular!==void 0&&this.specular!==void 0&&this.specular.setHex(t.specular),t.specularIntensity!==void 0&&(this.specularIntensity=t.specularIntensity),t.specularColor!==void 0&&this.specularColor!==void 0&&this.specularColor.setHex(t.specularColor),t.shininess!==void 0&&(this.shininess=t.shininess),t.clearcoat!==void 0&&(this.clearcoat=t.clearcoat),t.clearcoatRoughness!==void 0&&(this.clearcoatRoughness=t.clearcoatRoughness),t.diffuseRoughness!==void 0&&(this.diffuseRoughness=t.diffuseRoughness),t.dispersion!==void 0&&(this.dispersion=t.dispersion),t.retroreflectivity!==void 0&&(this.retroreflectivity=t.retroreflectivity),t.iridescence!==void 0&&(this.iridescence=t.iridescence),t.iridescenceIOR!==void 0&&(this.iridescenceIOR=t.iridescenceIOR),t.iridescenceThicknessMinimum!==void 0&&(this.iridescenceThicknessMinimum=t.iridescenceThicknessMinimum),t.iridescenceThicknessMaximum!==void 0&&(this.iridescenceThicknessMaximum=t.iridescenceThicknessMaximum),t.iridescenceThicknessRange!==void 0&&(this.iridescenceThicknessMinimum=t.iridescenceThicknessRange[0],this.iridescenceThicknessMaximum=t.iridescenceThicknessRange[1]),t.transmission!==void 0&&(this.transmission=t.transmission),t.thickness!==void 0&&(this.thickness=t.thickness),t.attenuationDistance!==void 0&&(this.attenuationDistance=t.attenuationDistance),t.attenuationColor!==void 0&&this.attenuationColor!==void 0&&this.attenuationColor.setHex(t.attenuationColor),t.anisotropy!==void 0&&(this.anisotropy=t.anisotropy),t.anisotropyRotation!==void 0&&(this.anisotropyRotation=t.anisotropyRotation),t.fog!==void 0&&(this.fog=t.fog),t.flatShading!==void 0&&(this.flatShading=t.flatShading),t.blending!==void 0&&(this.blending=t.blending),t.combine!==void 0&&(this.combine=t.combine),t.side!==void 0&&(this.side=t.side),t.shadowSide!==void 0&&(this.shadowSide=t.shadowSide),t.opacity!==void 0&&(this.opacity=t.opacity),t.transparent!==void 0&&(this.transparent=t.transparent),t.alphaTest!==void 0&&(this.alphaTest=t.alphaTest),t.alphaHash!==void 0&&(this.alphaHash=t.alphaHash),t.depthFunc!==void 0&&(this.depthFunc=t.depthFunc),t.depthTest!==void 0&&(this.depthTest=t.depthTest),t.depthWrite!==void 0&&(this.depthWrite=t.depthWrite),t.colorWrite!==void 0&&(this.colorWrite=t.colorWrite),t.clippingPlanes!==void 0&&(this.clippingPlanes=t.clippingPlanes.map(i=>new qe().fromJSON(i))),t.clipIntersection!==void 0&&(this.clipIntersection=t.clipIntersection),t.clipShadows!==void 0&&(this.clipShadows=t.clipShadows),t.depthPacking!==void 0&&(this.depthPacking=t.depthPacking),t.blendSrc!==void 0&&(this.blendSrc=t.blendSrc),t.blendDst!==void 0&&(this.blendDst=t.blendDst),t.blendEquation!==void 0&&(this.blendEquation=t.blendEquation),t.blendSrcAlpha!==void 0&&(this.blendSrcAlpha=t.blendSrcAlpha),t.blendDstAlpha!==void 0&&(this.blendDstAlpha=t.blendDstAlpha),t.blendEquationAlpha!==void 0&&(this.blendEquationAlpha=t.blendEquationAlpha),t.blendColor!==void 0&&this.blendColor!==void 0&&this.blendColor.setHex(t.blendColor),t.blendAlpha!==void 0&&(this.blendAlpha=t.blendAlpha),t.stencilWriteMask!==void 0&&(this.stencilWriteMask=t.stencilWriteMask),t.stencilFunc!==void 0&&(this.stencilFunc=t.stencilFunc),t.stencilRef!==void 0&&(this.stencilRef=t.stencilRef),t.stencilFuncMask!==void 0&&(this.stencilFuncMask=t.stencilFuncMask),t.stencilFail!==void 0&&(this.stencilFail=t.stencilFail),t.stencilZFail!==void 0&&(this.stencilZFail=t.stencilZFail),t.stencilZPass!==void 0&&(this.stencilZPass=t.stencilZPass),t.stencilWrite!==void 0&&(this.stencilWrite=t.stencilWrite),t.wireframe!==void 0&&(this.wireframe=t.wireframe),t.wireframeLinewidth!==void 0&&(this.wireframeLinewidth=t.wireframeLinewidth),t.wireframeLinecap!==void 0&&(this.wireframeLinecap=t.wireframeLinecap),t.wireframeLinejoin!==void 0&&(this.wireframeLinejoin=t.wireframeLinejoin),t.rotation!==void 0&&(this.rotation=t.rotation),t.linewidth!==void 0&&(this.linewidth=t.linewidth),t.linecap!==void 0&&(this.linecap=t.linecap),t.linejoin!==void 0&&(this.linejoin=t.linejoin),t.dashSize!==void 0&&(this.dashSize=t.dashSize),t.gapSize!==void 0&&(this.gapSize=t.gapSize),t.scale!==void 0&&(this.scale=t.scale),t.polygonOffset!==void 0&&(this.polygonOffset=t.polygonOffset),t.polygonOffsetFactor!==void 0&&(this.polygonOffsetFactor=t.polygonOffsetFactor),t.polygonOffsetUnits!==void 0&&(this.polygonOffsetUnits=t.polygonOffsetUnits),t.dithering!==void 0&&(this.dithering=t.dithering),t.alphaToCoverage!==void 0&&(this.alphaToCoverage=t.alphaToCoverage),t.premultipliedAlpha!==void 0&&(this.premultipliedAlpha=t.premultipliedAlpha),t.forceSinglePass!==void 0&&(this.forceSinglePass=t.forceSinglePass),t.allowOverride!==void 0&&(this.allowOverride=t.allowOverride),t.visible!==void 0&&(this.visible=t.visible),t.toneMapped!==void 0&&(this.toneMapped=t.toneMapped),t.userData!==void 0&&(this.userData=t.userData),t.vertexColors!==void 0&&(typeof t.vertexColors=="number"?this.vertexColors=t.vertexColors>0:this.vertexColors=t.vertexColors),t.size!==void 0&&(this.size=t.size),t.sizeAttenuation!==void 0&&(this.sizeAttenuation=t.sizeAttenuation),t.map!==void 0&&(this.map=e[t.map]||null),t.matcap!==void 0&&(this.matcap=e[t.matcap]||null),t.alphaMap!==void 0&&(this.alphaMap=e[t.alphaMap]||null),t.bumpMap!==void 0&&(this.bumpMap=e[t.bumpMap]||null),t.bumpScale!==void 0&&(this.bumpScale=t.bumpScale),t.normalMap!==void 0&&(this.normalMap=e[t.normalMap]||null),t.normalMapType!==void 0&&(this.normalMapType=t.normalMapType),t.normalScale!==void 0){let i=t.normalScale;Array.isArray(i)===!1&&(i=[i,i]),this.normalScale=new ut().fromArray(i)}return t.displacementMap!==void 0&&(this.displacementMap=e[t.displacementMap]||null),t.displacementScale!==void 0&&(this.displacementScale=t.displacementScale),t.displacementBias!==void 0&&(this.displacementBias=t.displacementBias),t.roughnessMap!==void 0&&(this.roughnessMap=e[t.roughnessMap]||null),t.metalnessMap!==void 0&&(this.metalnessMap=e[t.metalnessMap]||null),t.emissiveMap!==void 0&&(this.emissiveMap=e[t.emissiveMap]||null),t.emissiveIntensity!==void 0&&(this.emissiveIntensity=t.emissiveIntensity),t.specularMap!==void 0&&(this.specularMap=e[t.specularMap]||null),t.specularIntensityMap!==void 0&&(this.specularIntensityMap=e[t.specularIntensityMap]||null),t.specularColorMap!==void 0&&(this.specularColorMap=e[t.specularColorMap]||null),t.envMap!==void 0&&(this.envMap=e[t.envMap]||null),t.envMapRotation!==void 0&&this.envMapRotation.fromArray(t.envMapRotation),t.envMapIntensity!==void 0&&(this.envMapIntensity=t.envMapIntensity),t.reflectivity!==void 0&&(this.reflectivity=t.reflectivity),t.refractionRatio!==void 0&&(this.refractionRatio=t.refractionRatio),t.lightMap!==void 0&&(this.lightMap=e[t.lightMap]||null),t.lightMapIntensity!==void 0&&(this.lightMapIntensity=t.lightMapIntensity),t.aoMap!==void 0&&(this.aoMap=e[t.aoMap]||null),t.aoMapIntensity!==void 0&&(this.aoMapIntensity=t.aoMapIntensity),t.gradientMap!==void 0&&(this.gradientMap=e[t.gradientMap]||null),t.clearcoatMap!==void 0&&(this.clearcoatMap=e[t.clearcoatMap]||null),t.clearcoatRoughnessMap!==void 0&&(this.clearcoatRoughnessMap=e[t.clearcoatRoughnessMap]||null),t.clearcoatNormalMap!==void 0&&(this.clearcoatNormalMap=e[t.clearcoatNormalMap]||null),t.clearcoatNormalScale!==void 0&&(this.clearcoatNormalScale=new ut().fromArray(t.clearcoatNormalScale)),t.diffuseRoughnessMap!==void 0&&(this.diffuseRoughnessMap=e[t.diffuseRoughnessMap]||null),t.iridescenceMap!==void 0&&(this.iridescenceMap=e[t.iridescenceMap]||null),t.iridescenceThicknessMap!==void 0&&(this.iridescenceThicknessMap=e[t.iridescenceThicknessMap]||null),t.transmissionMap!==void 0&&(this.transmissionMap=e[t.transmissionMap]||null),t.thicknessMap!==void 0&&(this.thicknessMap=e[t.thicknessMap]||null),t.anisotropyMap!==void 0&&(this.anisotropyMap=e[t.anisotropyMap]||null),t.sheenColorMap!==void 0&&(this.sheenColorMap=e[t.sheenColorMap]||null),t.sheenRoughnessMap!==void 0&&(this.sheenRoughnessMap=e[t.sheenRoughnessMap]||null),this}clone(){return new this.constructor().copy(this)}copy(t){this.name=t.name,this.blending=t.blending,this.side=t.side,this.vertexColors=t.vertexColors,this.opacity=t.opacity,this.transparent=t.transparent,this.blendSrc=t.blendSrc,this.blendDst=t.blendDst,this.blendEquation=t.blendEquation,this.blendSrcAlpha=t.blendSrcAlpha,this.blendDstAlpha=t.blendDstAlpha,this.blendEquationAlpha=t.blendEquationAlpha,this.blendColor.copy(t.blendColor),this.blendAlpha=t.blendAlpha,this.depthFunc=t.depthFunc,this.depthTest=t.depthTest,this.depthWrite=t.depthWrite,this.stencilWriteMask=t.stencilWriteMask,this.stencilFunc=t.stencilFunc,this.stencilRef=t.stencilRef,this.stencilFuncMask=t.stencilFuncMask,this.stencilFail=t.stencilFail,this.stencilZFail=t.stencilZFail,this.stencilZPass=t.stencilZPass,this.stencilWrite=t.stencilWrite;let e=t.clippingPlanes,i=null;if(e!==null){let n=e.length;i=new Array(n);for(let r=0;r!==n;++r)i[r]=e[r].clone()}return this.clippingPlanes=i,this.clipIntersection=t.clipIntersection,this.clipShadows=t.clipShadows,this.shadowSide=t.shadowSide,this.colorWrite=t.colorWrite,this.precision=t.precision,this.polygonOffset=t.polygonOffset,this.polygonOffsetFactor=t.polygonOffsetFactor,this.polygonOffsetUnits=t.polygonOffsetUnits,this.dithering=t.dithering,this.alphaTest=t.alphaTest,this.alphaHash=t.alphaHash,this.alphaToCoverage=t.alphaToCoverage,this.premultipliedAlpha=t.premultipliedAlpha,this.forceSinglePass=t.forceSinglePass,this.allowOverride=t.allowOverride,this.visible=t.visible,this.toneMapped=t.toneMapped,this.userData=JSON.parse(JSON.stringify(t.userData)),this}dispose(){this.dispatchEvent({type:"dispose"})}set needsUpdate(t){t===!0&&this.version++}},ai=new P,Rc=new P,Ro=new P,Po=new P,Vn=class{constructor(t=new P,e=new P(0,0,-1)){this.origin=t,this.direction=e}set(t,e){return this.origin.copy(t),this.direction.copy(e),this}copy(t){return this.origin.copy(t.origin),this.direction.copy(t.direction),this}at(t,e){return e.copy(this.origin).addScaledVector(this.direction,t)}lookAt(t){return this.direction.copy(t).sub(this.origin).normalize(),this}recast(t){return this.origin.copy(this.at(t,ai)),this}closestPointToPoint(t,e){e.subVectors(t,this.origin);let i=e.dot(this.direction);return i<0?e.copy(this.origin):e.copy(this.origin).addScaledVector(this.direction,i)}distanceToPoint(t){return Math.sqrt(this.distanceSqToPoint(t))}distanceSqToPoint(t){let e=ai.subVectors(t,this.origin).dot(this.direction);return e<0?this.origin.distanceToSquared(t):(ai.copy(this.origin).addScaledVector(this.direction,e),ai.distanceToSquared(t))}distanceSqToSegment(t,e,i,n){Rc.copy(t).add(e).multiplyScalar(.5),Ro.copy(e).sub(t).normalize(),Po.copy(this.origin).sub(Rc);let r=t.distanceTo(e)*.5,o=-this.direction.dot(Ro),a=Po.dot(this.direction),l=-Po.dot(Ro),c=Po.lengthSq(),h=Math.abs(1-o*o),u,d,f,m;if(h>0)if(u=o*l-a,d=o*a-l,m=r*h,u>=0)if(d>=-m)if(d<=m){let y=1/h;u*=y,d*=y,f=u*(u+o*d+2*a)+d*(o*u+d+2*l)+c}else d=r,u=Math.max(0,-(o*d+a)),f=-u*u+d*(d+2*l)+c;else d=-r,u=Math.max(0,-(o*d+a)),f=-u*u+d*(d+2*l)+c;else d<=-m?(u=Math.max(0,-(-o*r+a)),d=u>0?-r:Math.min(Math.max(-r,-l),r),f=-u*u+d*(d+2*l)+c):d<=m?(u=0,d=Math.min(Math.max(-r,-l),r),f=d*(d+2*l)+c):(u=Math.max(0,-(o*r+a)),d=u>0?r:Math.min(Math.max(-r,-l),r),f=-u*u+d*(d+2*l)+c);else d=o>0?-r:r,u=Math.max(0,-(o*d+a)),f=-u*u+d*(d+2*l)+c;return i&&i.copy(this.origin).addScaledVector(this.direction,u),n&&n.copy(Rc).addScaledVector(Ro,d),f}intersectSphere(t,e){if(t.radius<0)return null;ai.subVectors(t.center,this.origin);let i=ai.dot(this.direction),n=ai.dot(ai)-i*i,r=t.radius*t.radius;if(n>r)return null;let o=Math.sqrt(r-n),a=i-o,l=i+o;return l<0?null:a<0?this.at(l,e):this.at(a,e)}intersectsSphere(t){return t.radius<0?!1:this.distanceSqToPoint(t.center)<=t.radius*t.radius}distanceToPlane(t){let e=t.normal.dot(this.direction);if(e===0)return t.distanceToPoint(this.origin)===0?0:null;let i=-(this.origin.dot(t.normal)+t.constant)/e;return i>=0?i:null}intersectPlane(t,e){let i=this.distanceToPlane(t);return i===null?null:this.at(i,e)}intersectsPlane(t){let e=t.distanceToPoint(this.origin);return e===0||t.normal.dot(this.direction)*e<0}intersectBox(t,e){let i,n,r,o,a,l,c=1/this.direction.x,h=1/this.direction.y,u=1/this.direction.z,d=this.origin;return c>=0?(i=(t.min.x-d.x)*c,n=(t.max.x-d.x)*c):(i=(t.max.x-d.x)*c,n=(t.min.x-d.x)*c),h>=0?(r=(t.min.y-d.y)*h,o=(t.max.y-d.y)*h):(r=(t.max.y-d.y)*h,o=(t.min.y-d.y)*h),i>o||r>n||((r>i||isNaN(i))&&(i=r),(o<n||isNaN(n))&&(n=o),u>=0?(a=(t.min.z-d.z)*u,l=(t.max.z-d.z)*u):(a=(t.max.z-d.z)*u,l=(t.min.z-d.z)*u),i>l||a>n)||((a>i||i!==i)&&(i=a),(l<n||n!==n)&&(n=l),n<0)?null:this.at(i>=0?i:n,e)}intersectsBox(t){return this.intersectBox(t,ai)!==null}intersectTriangle(t,e,i,n,r){let o=this.origin,a=this.direction,l=a.x,c=a.y,h=a.z,u=t.x-o.x,d=t.y-o.y,f=t.z-o.z,m=e.x-o.x,y=e.y-o.y,p=e.z-o.z,g=i.x-o.x,x=i.y-o.y,S=i.z-o.z,v=Math.abs(l),M=Math.abs(c),w=Math.abs(h),_,b,C,A,I,R,F,L,k,z,G,it;if(v>=M&&v>=w?(C=l,R=u,k=m,it=g,l>=0?(_=c,b=h,A=d,I=f,F=y,L=p,z=x,G=S):(_=h,b=c,A=f,I=d,F=p,L=y,z=S,G=x)):M>=w?(C=c,R=d,k=y,it=x,c>=0?(_=h,b=l,A=f,I=u,F=p,L=m,z=S,G=g):(_=l,b=h,A=u,I=f,F=m,L=p,z=g,G=S)):(C=h,R=f,k=p,it=S,h>=0?(_=l,b=c,A=u,I=d,F=m,L=y,z=g,G=x):(_=c,b=l,A=d,I=u,F=y,L=m,z=x,G=g)),C===0)return null;let Y=_/C,tt=b/C,nt=1/C,xt=A-Y*R,Dt=I-tt*R,J=F-Y*k,at=L-tt*k,bt=z-Y*it,Rt=G-tt*it,_t=bt*at-Rt*J,Ft=xt*Rt-Dt*bt,xe=J*Dt-at*xt;if(n){if(_t<0||Ft<0||xe<0)return null}else if((_t<0||Ft<0||xe<0)&&(_t>0||Ft>0||xe>0))return null;let Ct=_t+Ft+xe;if(Ct===0)return null;let Zt=nt*(_t*R+Ft*k+xe*it);return(Ct>0?Zt<0:Zt>0)?null:this.at(Zt/Ct,r)}applyMatrix4(t){return this.origin.applyMatrix4(t),this.direction.transformDirection(t),this}equals(t){return t.origin.equals(this.origin)&&t.direction.equals(this.direction)}clone(){return new this.constructor().copy(this)}},ui=class extends Zn{constructor(t){super(),this.isMeshBasicMaterial=!0,this.type="MeshBasicMaterial",this.color=new qt(16777215),this.map=null,this.lightMap=null,this.lightMapIntensity=1,this.aoMap=null,this.aoMapIntensity=1,this.specularMap=null,this.alphaMap=null,this.envMap=null,this.envMapRotation=new hi,this.combine=Ua,this.reflectivity=1,this.refractionRatio=.98,this.wireframe=!1,this.wireframeLinewidth=1,this.wireframeLinecap="round",this.wireframeLinejoin="round",this.fog=!0,this.setValues(t)}copy(t){return super.copy(t),this.color.copy(t.color),this.map=t.map,this.lightMap=t.lightMap,this.lightMapIntensity=t.lightMapIntensity,this.aoMap=t.aoMap,this.aoMapIntensity=t.aoMapIntensity,this.specularMap=t.specularMap,this.alphaMap=t.alphaMap,this.envMap=t.envMap,this.envMapRotation.copy(t.envMapRotation),this.combine=t.combine,this.reflectivity=t.reflectivity,this.refractionRatio=t.refractionRatio,this.wireframe=t.wireframe,this.wireframeLinewidth=t.wireframeLinewidth,this.wireframeLinecap=t.wireframeLinecap,this.wireframeLinejoin=t.wireframeLinejoin,this.fog=t.fog,this}},td=new kt,Xi=new Vn,Io=new Xe,ed=new P,Lo=new P,Do=new P,No=new P,Pc=new P,Uo=new P,nd=new P,Fo=new P,Ee=class extends He{constructor(t=new Te,e=new ui){super(),this.isMesh=!0,this.type="Mesh",this.geometry=t,this.material=e,this.morphTargetDictionary=void 0,this.morphTargetInfluences=void 0,this.count=1,this.updateMorphTargets()}copy(t,e){return super.copy(t,e),t.morphTargetInfluences!==void 0?this.morphTargetInfluences=t.morphTargetInfluences.slice():this.morphTargetInfluences=void 0,t.morphTargetDictionary!==void 0?this.morphTargetDictionary=Object.assign({},t.morphTargetDictionary):this.morphTargetDictionary=void 0,this.material=Array.isArray(t.material)?t.material.slice():t.material,this.geometry=t.geometry,this}updateMorphTargets(){let e=this.geometry.morphAttributes,i=Object.keys(e);if(i.length>0){let n=e[i[0]];if(n!==void 0){this.morphTargetInfluences=[],this.morphTargetDictionary={};for(let r=0,o=n.length;r<o;r++){let a=n[r].name||String(r);this.morphTargetInfluences.push(0),this.morphTargetDictionary[a]=r}}}}getVertexPosition(t,e){let i=this.geometry,n=i.attributes.position,r=i.morphAttributes.position,o=i.morphTargetsRelative;e.fromBufferAttribute(n,t);let a=this.morphTargetInfluences;if(r&&a){Uo.set(0,0,0);for(let l=0,c=r.length;l<c;l++){let h=a[l],u=r[l];h!==0&&(Pc.fromBufferAttribute(u,t),o?Uo.addScaledVector(Pc,h):Uo.addScaledVector(Pc.sub(e),h))}e.add(Uo)}return e}intersectsFrustum(t){return t.intersectsObject(this)}raycast(t,e){let i=this.geometry,n=this.material,r=this.matrixWorld;n!==void 0&&(i.boundingSphere===null&&i.computeBoundingSphere(),Io.copy(i.boundingSphere),Io.applyMatrix4(r),Xi.copy(t.ray).recast(t.near),!(Io.containsPoint(Xi.origin)===!1&&(Xi.intersectSphere(Io,ed)===null||Xi.origin.distanceToSquared(ed)>(t.far-t.near)**2))&&(td.copy(r).invert(),Xi.copy(t.ray).applyMatrix4(td),!(i.boundingBox!==null&&Xi.intersectsBox(i.boundingBox)===!1)&&this._computeIntersections(t,e,Xi)))}_computeIntersections(t,e,i){let n,r=this.geometry,o=this.material,a=r.index,l=r.attributes.position,c=r.attributes.uv,h=r.attributes.uv1,u=r.attributes.normal,d=r.groups,f=r.drawRange;if(a!==null)if(Array.isArray(o))for(let m=0,y=d.length;m<y;m++){let p=d[m],g=o[p.materialIndex],x=Math.max(p.start,f.start),S=Math.min(a.count,Math.min(p.start+p.count,f.start+f.count));for(let v=x,M=S;v<M;v+=3){let w=a.getX(v),_=a.getX(v+1),b=a.getX(v+2);n=Oo(this,g,t,i,c,h,u,w,_,b),n&&(n.faceIndex=Math.floor(v/3),n.face.materialIndex=p.materialIndex,e.push(n))}}else{let m=Math.max(0,f.start),y=Math.min(a.count,f.start+f.count);for(let p=m,g=y;p<g;p+=3){let x=a.getX(p),S=a.getX(p+1),v=a.getX(p+2);n=Oo(this,o,t,i,c,h,u,x,S,v),n&&(n.faceIndex=Math.floor(p/3),e.push(n))}}else if(l!==void 0)if(Array.isArray(o))for(let m=0,y=d.length;m<y;m++){let p=d[m],g=o[p.materialIndex],x=Math.max(p.start,f.start),S=Math.min(l.count,Math.min(p.start+p.count,f.start+f.count));for(let v=x,M=S;v<M;v+=3){let w=v,_=v+1,b=v+2;n=Oo(this,g,t,i,c,h,u,w,_,b),n&&(n.faceIndex=Math.floor(v/3),n.face.materialIndex=p.materialIndex,e.push(n))}}else{let m=Math.max(0,f.start),y=Math.min(l.count,f.start+f.count);for(let p=m,g=y;p<g;p+=3){let x=p,S=p+1,v=p+2;n=Oo(this,o,t,i,c,h,u,x,S,v),n&&(n.faceIndex=Math.floor(p/3),e.push(n))}}}};Zi=class extends gn{constructor(t=null,e=1,i=1,n,r,o,a,l,c=Ve,h=Ve,u,d){super(null,o,a,l,c,h,n,r,u,d),this.isDataTexture=!0,this.image={data:t,width:e,height:i},this.generateMipmaps=!1,this.flipY=!1,this.unpackAlignment=1}},Yi=new Xe,fg=new ut(.5,.5),Bo=new P,di=class{constructor(t=new qe,e=new qe,i=new qe,n=new qe,r=new qe,o=new qe){this.planes=[t,e,i,n,r,o]}set(t,e,i,n,r,o){let a=this.planes;return a[0].copy(t),a[1].copy(e),a[2].copy(i),a[3].copy(n),a[4].copy(r),a[5].copy(o),this}copy(t){let e=this.planes;for(let i=0;i<6;i++)e[i].copy(t.planes[i]);return this}setFromProjectionMatrix(t,e=Pn,i=!1){let n=this.planes,r=t.elements,o=r[0],a=r[1],l=r[2],c=r[3],h=r[4],u=r[5],d=r[6],f=r[7],m=r[8],y=r[9],p=r[10],g=r[11],x=r[12],S=r[13],v=r[14],M=r[15];if(n[0].setComponents(c-o,f-h,g-m,M-x).normalize(),n[1].setComponents(c+o,f+h,g+m,M+x).normalize(),n[2].setComponents(c+a,f+u,g+y,M+S).normalize(),n[3].setComponents(c-a,f-u,g-y,M-S).normalize(),i)n[4].setComponents(l,d,p,v).normalize(),n[5].setComponents(c-l,f-d,g-p,M-v).normalize();else if(n[4].setComponents(c-l,f-d,g-p,M-v).normalize(),e===Pn)n[5].setComponents(c+l,f+d,g+p,M+v).normalize();else if(e===Ts)n[5].setComponents(l,d,p,v).normalize();else throw new Error("THREE.Frustum.setFromProjectionMatrix(): Invalid coordinate system: "+e);return this}intersectsObject(t){if(t.boundingSphere!==void 0)t.boundingSphere===null&&t.computeBoundingSphere(),Yi.copy(t.boundingSphere).applyMatrix4(t.matrixWorld);else{let e=t.geometry;e.boundingSphere===null&&e.computeBoundingSphere(),Yi.copy(e.boundingSphere).applyMatrix4(t.matrixWorld)}return this.intersectsSphere(Yi)}intersectsSprite(t){Yi.center.set(0,0,0);let e=fg.distanceTo(t.center);return Yi.radius=.7071067811865476+e,Yi.applyMatrix4(t.matrixWorld),this.intersectsSphere(Yi)}intersectsSphere(t){let e=this.planes,i=t.center,n=-t.radius;for(let r=0;r<6;r++)if(e[r].distanceToPoint(i)<n)return!1;return!0}intersectsBox(t){let e=this.planes;for(let i=0;i<6;i++){let n=e[i];if(Bo.x=n.normal.x>0?t.max.x:t.min.x,Bo.y=n.normal.y>0?t.max.y:t.min.y,Bo.z=n.normal.z>0?t.max.z:t.min.z,n.distanceToPoint(Bo)<0)return!1}return!0}containsPoint(t){let e=this.planes;for(let i=0;i<6;i++)if(e[i].distanceToPoint(t)<0)return!1;return!0}clone(){return new this.constructor().copy(this)}},id=new kt,Rr=class s{constructor(){this.coordinateSystem=Pn,this._frustums=[],this._count=0}setFromArrayCamera(t){let e=t.cameras,i=this._frustums;for(let n=0;n<e.length;n++){let r=e[n];id.multiplyMatrices(r.projectionMatrix,r.matrixWorldInverse),i[n]===void 0&&(i[n]=new di),i[n].setFromProjectionMatrix(id,r.coordinateSystem,r.reversedDepth)}return this._count=e.length,this}getFrustum(t){return this._frustums[t]}intersectsObject(t){let e=this._frustums;for(let i=0;i<this._count;i++)if(e[i].intersectsObject(t))return!0;return!1}intersectsSprite(t){let e=this._frustums;for(let i=0;i<this._count;i++)if(e[i].intersectsSprite(t))return!0;return!1}intersectsSphere(t){let e=this._frustums;for(let i=0;i<this._count;i++)if(e[i].intersectsSphere(t))return!0;return!1}intersectsBox(t){let e=this._frustums;for(let i=0;i<this._count;i++)if(e[i].intersectsBox(t))return!0;return!1}containsPoint(t){let e=this._frustums;for(let i=0;i<this._count;i++)if(e[i].containsPoint(t))return!0;return!1}copy(t){this.coordinateSystem=t.coordinateSystem;let e=this._frustums,i=t._frustums;for(let n=0;n<t._count;n++)e[n]===void 0&&(e[n]=new di),e[n].copy(i[n]);return this._count=t._count,this}clone(){return new s().copy(this)}};Wc=class{constructor(){this.index=0,this.pool=[],this.list=[]}push(t,e,i,n){let r=this.pool,o=this.list;this.index>=r.length&&r.push({start:-1,count:-1,z:-1,index:-1});let a=r[this.index];o.push(a),this.index++,a.start=t,a.count=e,a.z=i,a.index=n}reset(){this.list.length=0,this.index=0}},mn=new kt,gg=new qt(1,1,1),_g=new di,xg=new Rr,ko=new re,$i=new Xe,Lc=new P,sd=new P,rd=new P,yg=new P,Dc=new Wc,tn=new Ee,zo=[];Pr=class extends Ee{constructor(t,e,i=e*2,n){super(new Te,n),this.isBatchedMesh=!0,this.perObjectFrustumCulled=!0,this.sortObjects=!0,this.boundingBox=null,this.boundingSphere=null,this.customSort=null,this._instanceInfo=[],this._geometryInfo=[],this._availableInstanceIds=[],this._availableGeometryIds=[],this._nextIndexStart=0,this._nextVertexStart=0,this._geometryCount=0,this._visibilityChanged=!0,this._geometryInitialized=!1,this._maxInstanceCount=t,this._maxVertexCount=e,this._maxIndexCount=i,this._multiDrawCounts=new Int32Array(t),this._multiDrawStarts=new Int32Array(t),this._multiDrawCount=0,this._multiDrawBytesPerElement=1,this._mergedDrawCounts=new Int32Array(t),this._mergedDrawStarts=new Int32Array(t),this._mergedDrawInstanceCounts=new Int32Array(t),this._mergedDrawCount=0,this._matricesTexture=null,this._indirectTexture=null,this._colorsTexture=null,this._previousMatricesTexture=null,this._initMatricesTexture(),this._initIndirectTexture()}get maxInstanceCount(){return this._maxInstanceCount}get instanceCount(){return this._instanceInfo.length-this._availableInstanceIds.length}get unusedVertexCount(){return this._maxVertexCount-this._nextVertexStart}get unusedIndexCount(){return this._maxIndexCount-this._nextIndexStart}_initMatricesTexture(){let t=Math.sqrt(this._maxInstanceCount*4);t=Math.ceil(t/4)*4,t=Math.max(t,4);let e=new Float32Array(t*t*4),i=new Zi(e,t,t,wn,Mn);this._matricesTexture=i}_initIndirectTexture(){let t=Math.sqrt(this._maxInstanceCount);t=Math.ceil(t);let e=new Uint32Array(t*t),i=new Zi(e,t,t,Zr,Nn);this._indirectTexture=i}_initColorsTexture(){let t=Math.sqrt(this._maxInstanceCount);t=Math.ceil(t);let e=new Float32Array(t*t*4).fill(1),i=new Zi(e,t,t,wn,Mn);i.colorSpace=Kt.workingColorSpace,this._colorsTexture=i}_initializeGeometry(t){let e=this.geometry,i=this._maxVertexCount,n=this._maxIndexCount;if(this._geometryInitialized===!1){for(let r in t.attributes){let o=t.getAttribute(r),{array:a,itemSize:l,normalized:c}=o,h=new a.constructor(i*l),u=new we(h,l,c);e.setAttribute(r,u)}if(t.getIndex()!==null){let r=i>65535?new Uint32Array(n):new Uint16Array(n);e.setIndex(new we(r,1))}this._geometryInitialized=!0}}_validateGeometry(t){let e=this.geometry;if(!!t.getIndex()!=!!e.getIndex())throw new Error('THREE.BatchedMesh: All geometries must consistently have "index".');for(let i in e.attributes){if(!t.hasAttribute(i))throw new Error(`THREE.BatchedMesh: Added geometry missing "${i}". All geometries must have consistent attributes.`);let n=t.getAttribute(i),r=e.getAttribute(i);if(n.itemSize!==r.itemSize||n.normalized!==r.normalized)throw new Error(`THREE.BatchedMesh: Added geometry attribute "${i}" has an inconsistent itemSize or normalized value.`)}}validateInstanceId(t){let e=this._instanceInfo;if(t<0||t>=e.length||e[t].active===!1)throw new Error(`THREE.BatchedMesh: Invalid instanceId ${t}. Instance is either out of range or has been deleted.`)}validateGeometryId(t){let e=this._geometryInfo;if(t<0||t>=e.length||e[t].active===!1)throw new Error(`THREE.BatchedMesh: Invalid geometryId ${t}. Geometry is either out of range or has been deleted.`)}setCustomSort(t){return this.customSort=t,this}computeBoundingBox(){this.boundingBox===null&&(this.boundingBox=new re);let t=this.boundingBox,e=this._instanceInfo;t.makeEmpty();for(let i=0,n=e.length;i<n;i++){if(e[i].active===!1)continue;let r=e[i].geometryIndex;this.getMatrixAt(i,mn),this.getBoundingBoxAt(r,ko).applyMatrix4(mn),t.union(ko)}}computeBoundingSphere(){this.boundingSphere===null&&(this.boundingSphere=new Xe);let t=this.boundingSphere,e=this._instanceInfo;t.makeEmpty();for(let i=0,n=e.length;i<n;i++){if(e[i].active===!1)continue;let r=e[i].geometryIndex;this.getMatrixAt(i,mn),this.getBoundingSphereAt(r,$i).applyMatrix4(mn),t.union($i)}}addInstance(t){if(this._instanceInfo.length>=this.maxInstanceCount&&this._availableInstanceIds.length===0)throw new Error("THREE.BatchedMesh: Maximum item count reached.");let i={visible:!0,active:!0,geometryIndex:t},n=null;this._availableInstanceIds.length>0?(this._availableInstanceIds.sort(Ic),n=this._availableInstanceIds.shift(),this._instanceInfo[n]=i):(n=this._instanceInfo.length,this._instanceInfo.push(i));let r=this._matricesTexture;mn.identity().toArray(r.image.data,n*16),r.needsUpdate=!0;let o=this._colorsTexture;return o&&(gg.toArray(o.image.data,n*4),o.needsUpdate=!0),this._visibilityChanged=!0,n}addGeometry(t,e=-1,i=-1){this._initializeGeometry(t),this._validateGeometry(t);let n={vertexStart:-1,vertexCount:-1,reservedVertexCount:-1,indexStart:-1,indexCount:-1,reservedIndexCount:-1,start:-1,count:-1,boundingBox:null,boundingSphere:null,active:!0},r=this._geometryInfo;n.vertexStart=this._nextVertexStart,n.reservedVertexCount=e===-1?t.getAttribute("position").count:e;let o=t.getIndex();if(o!==null&&(n.indexStart=this._nextIndexStart,n.reservedIndexCount=i===-1?o.count:i),n.indexStart!==-1&&n.indexStart+n.reservedIndexCount>this._maxIndexCount||n.vertexStart+n.reservedVertexCount>this._maxVertexCount)throw new Error("THREE.BatchedMesh: Reserved space request exceeds the maximum buffer size.");let l;return this._availableGeometryIds.length>0?(this._availableGeometryIds.sort(Ic),l=this._availableGeometryIds.shift(),r[l]=n):(l=this._geometryCount,this._geometryCount++,r.push(n)),this.setGeometryAt(l,t),this._nextIndexStart=n.indexStart+n.reservedIndexCount,this._nextVertexStart=n.vertexStart+n.reservedVertexCount,l}setGeometryAt(t,e){if(t>=this._geometryCount)throw new Error("THREE.BatchedMesh: Maximum geometry count reached.");this._validateGeometry(e);let i=this.geometry,n=i.getIndex()!==null,r=i.getIndex(),o=e.getIndex(),a=this._geometryInfo[t];if(n&&o.count>a.reservedIndexCount||e.attributes.position.count>a.reservedVertexCount)throw new Error("THREE.BatchedMesh: Reserved space not large enough for provided geometry.");let l=a.vertexStart,c=a.reservedVertexCount;a.vertexCount=e.getAttribute("position").count;for(let h in i.attributes){let u=e.getAttribute(h),d=i.getAttribute(h);vg(u,d,l);let f=u.itemSize;for(let m=u.count,y=c;m<y;m++){let p=l+m;for(let g=0;g<f;g++)d.setComponent(p,g,0)}d.needsUpdate=!0,d.addUpdateRange(l*f,c*f)}if(n){let h=a.indexStart,u=a.reservedIndexCount;a.indexCount=e.getIndex().count;for(let d=0;d<o.count;d++)r.setX(h+d,l+o.getX(d));for(let d=o.count,f=u;d<f;d++)r.setX(h+d,l);r.needsUpdate=!0,r.addUpdateRange(h,a.reservedIndexCount)}return a.start=n?a.indexStart:a.vertexStart,a.count=n?a.indexCount:a.vertexCount,a.boundingBox=null,e.boundingBox!==null&&(a.boundingBox=e.boundingBox.clone()),a.boundingSphere=null,e.boundingSphere!==null&&(a.boundingSphere=e.boundingSphere.clone()),this._visibilityChanged=!0,t}deleteGeometry(t){let e=this._geometryInfo;if(t>=e.length||e[t].active===!1)return this;let i=this._instanceInfo;for(let n=0,r=i.length;n<r;n++)i[n].active&&i[n].geometryIndex===t&&this.deleteInstance(n);return e[t].active=!1,this._availableGeometryIds.push(t),this._visibilityChanged=!0,this}deleteInstance(t){return this.validateInstanceId(t),this._instanceInfo[t].active=!1,this._availableInstanceIds.push(t),this._visibilityChanged=!0,this}optimize(){let t=0,e=0,i=this._geometryInfo,n=i.map((o,a)=>a).sort((o,a)=>i[o].vertexStart-i[a].vertexStart),r=this.geometry;for(let o=0,a=i.length;o<a;o++){let l=n[o],c=i[l];if(c.active!==!1){if(r.index!==null){if(c.indexStart!==e){let{indexStart:h,vertexStart:u,reservedIndexCount:d}=c,f=r.index,m=f.array,y=t-u;for(let p=h;p<h+d;p++)m[p]=m[p]+y;f.array.copyWithin(e,h,h+d),f.addUpdateRange(e,d),f.needsUpdate=!0,c.indexStart=e}e+=c.reservedIndexCount}if(c.vertexStart!==t){let{vertexStart:h,reservedVertexCount:u}=c,d=r.attributes;for(let f in d){let m=d[f],{array:y,itemSize:p}=m;y.copyWithin(t*p,h*p,(h+u)*p),m.addUpdateRange(t*p,u*p),m.needsUpdate=!0}c.vertexStart=t}t+=c.reservedVertexCount,c.start=r.index?c.indexStart:c.vertexStart}}return this._nextIndexStart=e,this._nextVertexStart=t,this._visibilityChanged=!0,this}getBoundingBoxAt(t,e){if(t>=this._geometryCount)return null;let i=this.geometry,n=this._geometryInfo[t];if(n.boundingBox===null){let r=new re,o=i.index,a=i.attributes.position;for(let l=n.start,c=n.start+n.count;l<c;l++){let h=l;o&&(h=o.getX(h)),r.expandByPoint(Lc.fromBufferAttribute(a,h))}n.boundingBox=r}return e.copy(n.boundingBox),e}getBoundingSphereAt(t,e){if(t>=this._geometryCount)return null;let i=this.geometry,n=this._geometryInfo[t];if(n.boundingSphere===null){let r=new Xe;this.getBoundingBoxAt(t,ko),ko.getCenter(r.center);let o=i.index,a=i.attributes.position,l=0;for(let c=n.start,h=n.start+n.count;c<h;c++){let u=c;o&&(u=o.getX(u)),Lc.fromBufferAttribute(a,u),l=Math.max(l,r.center.distanceToSquared(Lc))}r.radius=Math.sqrt(l),n.boundingSphere=r}return e.copy(n.boundingSphere),e}setMatrixAt(t,e){this.validateInstanceId(t);let i=this._matricesTexture,n=this._matricesTexture.image.data;return e.toArray(n,t*16),i.needsUpdate=!0,this}getMatrixAt(t,e){return this.validateInstanceId(t),e.fromArray(this._matricesTexture.image.data,t*16)}setColorAt(t,e){return this.validateInstanceId(t),this._colorsTexture===null&&this._initColorsTexture(),e.toArray(this._colorsTexture.image.data,t*4),this._colorsTexture.needsUpdate=!0,this}getColorAt(t,e){return this.validateInstanceId(t),this._colorsTexture===null?e.isVector4?e.set(1,1,1,1):e.setRGB(1,1,1):e.fromArray(this._colorsTexture.image.data,t*4)}setVisibleAt(t,e){return this.validateInstanceId(t),this._instanceInfo[t].visible===e?this:(this._instanceInfo[t].visible=e,this._visibilityChanged=!0,this)}getVisibleAt(t){return this.validateInstanceId(t),this._instanceInfo[t].visible}setGeometryIdAt(t,e){return this.validateInstanceId(t),this.validateGeometryId(e),this._instanceInfo[t].geometryIndex=e,this._visibilityChanged=!0,this}getGeometryIdAt(t){return this.validateInstanceId(t),this._instanceInfo[t].geometryIndex}getGeometryRangeAt(t,e={}){this.validateGeometryId(t);let i=this._geometryInfo[t];return e.vertexStart=i.vertexStart,e.vertexCount=i.vertexCount,e.reservedVertexCount=i.reservedVertexCount,e.indexStart=i.indexStart,e.indexCount=i.indexCount,e.reservedIndexCount=i.reservedIndexCount,e.start=i.start,e.count=i.count,e}setInstanceCount(t){let e=this._availableInstanceIds,i=this._instanceInfo;for(e.sort(Ic);e[e.length-1]===i.length-1;)i.pop(),e.pop();if(t<i.length)throw new Error(`THREE.BatchedMesh: Instance ids outside the range ${t} are being used. Cannot shrink instance count.`);let n=new Int32Array(t),r=new Int32Array(t);Xn(this._multiDrawCounts,n),Xn(this._multiDrawStarts,r),this._multiDrawCounts=n,this._multiDrawStarts=r;let o=new Int32Array(t),a=new Int32Array(t),l=new Int32Array(t);Xn(this._mergedDrawCounts,o),Xn(this._mergedDrawStarts,a),Xn(this._mergedDrawInstanceCounts,l),this._mergedDrawCounts=o,this._mergedDrawStarts=a,this._mergedDrawInstanceCounts=l,this._maxInstanceCount=t;let c=this._indirectTexture,h=this._matricesTexture,u=this._colorsTexture;c.dispose(),this._initIndirectTexture(),Xn(c.image.data,this._indirectTexture.image.data),h.dispose(),this._initMatricesTexture(),Xn(h.image.data,this._matricesTexture.image.data),u&&(u.dispose(),this._initColorsTexture(),Xn(u.image.data,this._colorsTexture.image.data)),this._previousMatricesTexture!==null&&(this._previousMatricesTexture.dispose(),this._previousMatricesTexture=null)}setGeometrySize(t,e){let i=[...this._geometryInfo].filter(a=>a.active);if(Math.max(...i.map(a=>a.vertexStart+a.reservedVertexCount))>t)throw new Error(`THREE.BatchedMesh: Geometry vertex values are being used outside the range ${t}. Cannot shrink further.`);if(this.geometry.index&&Math.max(...i.map(l=>l.indexStart+l.reservedIndexCount))>e)throw new Error(`THREE.BatchedMesh: Geometry index values are being used outside the range ${e}. Cannot shrink further.`);let r=this.geometry;r.dispose(),this._maxVertexCount=t,this._maxIndexCount=e,this._geometryInitialized&&(this._geometryInitialized=!1,this.geometry=new Te,this._initializeGeometry(r));let o=this.geometry;r.index&&Xn(r.index.array,o.index.array);for(let a in r.attributes)Xn(r.attributes[a].array,o.attributes[a].array);this._visibilityChanged=!0}raycast(t,e){let i=this._instanceInfo,n=this._geometryInfo,r=this.matrixWorld,o=this.geometry;tn.material=this.material,tn.geometry.index=o.index,tn.geometry.attributes=o.attributes,tn.geometry.boundingBox===null&&(tn.geometry.boundingBox=new re),tn.geometry.boundingSphere===null&&(tn.geometry.boundingSphere=new Xe);for(let a=0,l=i.length;a<l;a++){if(!i[a].visible||!i[a].active)continue;let c=i[a].geometryIndex,h=n[c];tn.geometry.setDrawRange(h.start,h.count),this.getMatrixAt(a,tn.matrixWorld).premultiply(r),this.getBoundingBoxAt(c,tn.geometry.boundingBox),this.getBoundingSphereAt(c,tn.geometry.boundingSphere),tn.raycast(t,zo);for(let u=0,d=zo.length;u<d;u++){let f=zo[u];f.object=this,f.batchId=a,e.push(f)}zo.length=0}tn.material=null,tn.geometry.index=null,tn.geometry.attributes={},tn.geometry.setDrawRange(0,1/0)}copy(t){return super.copy(t),this.geometry=t.geometry.clone(),this.perObjectFrustumCulled=t.perObjectFrustumCulled,this.sortObjects=t.sortObjects,this.boundingBox=t.boundingBox!==null?t.boundingBox.clone():null,this.boundingSphere=t.boundingSphere!==null?t.boundingSphere.clone():null,this._geometryInfo=t._geometryInfo.map(e=>({...e,boundingBox:e.boundingBox!==null?e.boundingBox.clone():null,boundingSphere:e.boundingSphere!==null?e.boundingSphere.clone():null})),this._instanceInfo=t._instanceInfo.map(e=>({...e})),this._availableInstanceIds=t._availableInstanceIds.slice(),this._availableGeometryIds=t._availableGeometryIds.slice(),this._nextIndexStart=t._nextIndexStart,this._nextVertexStart=t._nextVertexStart,this._geometryCount=t._geometryCount,this._maxInstanceCount=t._maxInstanceCount,this._maxVertexCount=t._maxVertexCount,this._maxIndexCount=t._maxIndexCount,this._geometryInitialized=t._geometryInitialized,this._multiDrawCounts=t._multiDrawCounts.slice(),this._multiDrawStarts=t._multiDrawStarts.slice(),this._multiDrawBytesPerElement=t._multiDrawBytesPerElement,this._mergedDrawCounts=t._mergedDrawCounts.slice(),this._mergedDrawStarts=t._mergedDrawStarts.slice(),this._mergedDrawInstanceCounts=t._mergedDrawInstanceCounts.slice(),this._indirectTexture=t._indirectTexture.clone(),this._indirectTexture.image.data=this._indirectTexture.image.data.slice(),this._matricesTexture=t._matricesTexture.clone(),this._matricesTexture.image.data=this._matricesTexture.image.data.slice(),t._colorsTexture!==null?(this._colorsTexture=t._colorsTexture.clone(),this._colorsTexture.image.data=this._colorsTexture.image.data.slice()):this._colorsTexture=null,this}dispose(){super.dispose(),this.geometry.dispose(),this._matricesTexture.dispose(),this._matricesTexture=null,this._indirectTexture.dispose(),this._indirectTexture=null,this._colorsTexture!==null&&(this._colorsTexture.dispose(),this._colorsTexture=null),this._previousMatricesTexture!==null&&(this._previousMatricesTexture.dispose(),this._previousMatricesTexture=null)}_updateDrawParameters(t,e,i,n="multiDraw"){if(!this._visibilityChanged&&!this.perObjectFrustumCulled&&!this.sortObjects)return;let r=e.getIndex(),o=r===null?1:r.array.BYTES_PER_ELEMENT,a=1;i.wireframe&&(a=2,o=e.attributes.position.count>65535?4:2);let l=this._instanceInfo,c=this._multiDrawStarts,h=this._multiDrawCounts,u=this._mergedDrawStarts,d=this._mergedDrawCounts,f=this._mergedDrawInstanceCounts,m=this._geometryInfo,y=this.perObjectFrustumCulled,p=this._indirectTexture,g=p.image.data,x=t.isArrayCamera?xg:_g;y&&(t.isArrayCamera?x.setFromArrayCamera(t):(mn.multiplyMatrices(t.projectionMatrix,t.matrixWorldInverse).multiply(this.matrixWorld),x.setFromProjectionMatrix(mn,t.coordinateSystem,t.reversedDepth)));let S=0,v=0;if(this.sortObjects){mn.copy(this.matrixWorld).invert(),sd.setFromMatrixPosition(t.matrixWorld).applyMatrix4(mn),rd.set(0,0,-1).transformDirection(t.matrixWorld).transformDirection(mn);for(let _=0,b=l.length;_<b;_++)if(l[_].visible&&l[_].active){let C=l[_].geometryIndex;this.getMatrixAt(_,mn),this.getBoundingSphereAt(C,$i).applyMatrix4(mn);let A=!1;if(y&&(A=!x.intersectsSphere($i)),!A){let I=m[C],R=yg.subVectors($i.center,sd).dot(rd);Dc.push(I.start,I.count,R,_)}}let M=Dc.list,w=this.customSort;w===null?M.sort(i.transparent?mg:pg):w.call(this,M,t);for(let _=0,b=M.length;_<b;_++){let C=M[_],A=C.start*o*a,I=C.count*a;n==="merged"?v>0&&u[v-1]===A&&d[v-1]===I?f[v-1]++:(u[v]=A,d[v]=I,f[v]=1,v++):(c[S]=A,h[S]=I),g[S]=C.index,S++}Dc.reset()}else for(let M=0,w=l.length;M<w;M++)if(l[M].visible&&l[M].active){let _=l[M].geometryIndex,b=!1;if(y&&(this.getMatrixAt(M,mn),this.getBoundingSphereAt(_,$i).applyMatrix4(mn),b=!x.intersectsSphere($i)),!b){let C=m[_],A=C.start*o*a,I=C.count*a;n==="merged"?v>0&&u[v-1]===A&&d[v-1]===I?f[v-1]++:(u[v]=A,d[v]=I,f[v]=1,v++):(c[S]=A,h[S]=I),g[S]=M,S++}}p.needsUpdate=!0,this._multiDrawCount=S,this._mergedDrawCount=v,this._multiDrawBytesPerElement=o,this._visibilityChanged=!1}onBeforeRender(t,e,i,n,r){t.isWebGPURenderer===!0?(this._visibilityChanged||this.perObjectFrustumCulled||this.sortObjects)&&(this._indirectTexture.needsUpdate=!0):this._updateDrawParameters(i,n,r)}onBeforeShadow(t,e,i,n,r,o){t.isWebGPURenderer!==!0&&this._updateDrawParameters(n,r,o)}},Ji=class extends Zn{constructor(t){super(),this.isLineBasicMaterial=!0,this.type="LineBasicMaterial",this.color=new qt(16777215),this.map=null,this.linewidth=1,this.linecap="round",this.linejoin="round",this.fog=!0,this.setValues(t)}copy(t){return super.copy(t),this.color.copy(t.color),this.map=t.map,this.linewidth=t.linewidth,this.linecap=t.linecap,this.linejoin=t.linejoin,this.fog=t.fog,this}},ha=new P,ua=new P,od=new kt,mr=new Vn,Vo=new Xe,Nc=new P,ad=new P,In=class extends He{constructor(t=new Te,e=new Ji){super(),this.isLine=!0,this.type="Line",this.geometry=t,this.material=e,this.morphTargetDictionary=void 0,this.morphTargetInfluences=void 0,this.updateMorphTargets()}copy(t,e){return super.copy(t,e),t.morphTargetInfluences!==void 0?this.morphTargetInfluences=t.morphTargetInfluences.slice():this.morphTargetInfluences=void 0,t.morphTargetDictionary!==void 0?this.morphTargetDictionary=Object.assign({},t.morphTargetDictionary):this.morphTargetDictionary=void 0,this.material=Array.isArray(t.material)?t.material.slice():t.material,this.geometry=t.geometry,this}computeLineDistances(){let t=this.geometry;if(t.index===null){let e=t.attributes.position,i=[0];for(let n=1,r=e.count;n<r;n++)ha.fromBufferAttribute(e,n-1),ua.fromBufferAttribute(e,n),i[n]=i[n-1],i[n]+=ha.distanceTo(ua);t.setAttribute("lineDistance",new Ne(i,1))}else Nt("Line.computeLineDistances(): Computation only possible with non-indexed BufferGeometry.");return this}intersectsFrustum(t){return t.intersectsObject(this)}raycast(t,e){let i=this.geometry,n=this.matrixWorld,r=t.params.Line.threshold,o=i.drawRange;if(i.boundingSphere===null&&i.computeBoundingSphere(),Vo.copy(i.boundingSphere),Vo.applyMatrix4(n),Vo.radius+=r,t.ray.intersectsSphere(Vo)===!1)return;od.copy(n).invert(),mr.copy(t.ray).applyMatrix4(od);let a=r/((this.scale.x+this.scale.y+this.scale.z)/3),l=a*a,c=this.isLineSegments?2:1,h=i.index,d=i.attributes.position;if(h!==null){let f=Math.max(0,o.start),m=Math.min(h.count,o.start+o.count);for(let y=f,p=m-1;y<p;y+=c){let g=h.getX(y),x=h.getX(y+1),S=Ho(this,t,mr,l,g,x,y);S&&e.push(S)}if(this.isLineLoop){let y=h.getX(m-1),p=h.getX(f),g=Ho(this,t,mr,l,y,p,m-1);g&&e.push(g)}}else{let f=Math.max(0,o.start),m=Math.min(d.count,o.start+o.count);for(let y=f,p=m-1;y<p;y+=c){let g=Ho(this,t,mr,l,y,y+1,y);g&&e.push(g)}if(this.isLineLoop){let y=Ho(this,t,mr,l,m-1,f,m-1);y&&e.push(y)}}}updateMorphTargets(){let e=this.geometry.morphAttributes,i=Object.keys(e);if(i.length>0){let n=e[i[0]];if(n!==void 0){this.morphTargetInfluences=[],this.morphTargetDictionary={};for(let r=0,o=n.length;r<o;r++){let a=n[r].name||String(r);this.morphTargetInfluences.push(0),this.morphTargetDictionary[a]=r}}}}};ld=new P,cd=new P,Ei=class extends In{constructor(t,e){super(t,e),this.isLineSegments=!0,this.type="LineSegments"}computeLineDistances(){let t=this.geometry;if(t.index===null){let e=t.attributes.position,i=[];for(let n=0,r=e.count;n<r;n+=2)ld.fromBufferAttribute(e,n),cd.fromBufferAttribute(e,n+1),i[n]=n===0?0:i[n-1],i[n+1]=i[n]+ld.distanceTo(cd);t.setAttribute("lineDistance",new Ne(i,1))}else Nt("LineSegments.computeLineDistances(): Computation only possible with non-indexed BufferGeometry.");return this}},Is=class extends In{constructor(t,e){super(t,e),this.isLineLoop=!0,this.type="LineLoop"}},Ls=class extends Zn{constructor(t){super(),this.isPointsMaterial=!0,this.type="PointsMaterial",this.color=new qt(16777215),this.map=null,this.alphaMap=null,this.size=1,this.sizeAttenuation=!0,this.fog=!0,this.setValues(t)}copy(t){return super.copy(t),this.color.copy(t.color),this.map=t.map,this.alphaMap=t.alphaMap,this.size=t.size,this.sizeAttenuation=t.sizeAttenuation,this.fog=t.fog,this}},hd=new kt,qc=new Vn,Go=new Xe,Wo=new P,Ai=class extends He{constructor(t=new Te,e=new Ls){super(),this.isPoints=!0,this.type="Points",this.geometry=t,this.material=e,this.morphTargetDictionary=void 0,this.morphTargetInfluences=void 0,this.updateMorphTargets()}copy(t,e){return super.copy(t,e),t.morphTargetInfluences!==void 0?this.morphTargetInfluences=t.morphTargetInfluences.slice():this.morphTargetInfluences=void 0,t.morphTargetDictionary!==void 0?this.morphTargetDictionary=Object.assign({},t.morphTargetDictionary):this.morphTargetDictionary=void 0,this.material=Array.isArray(t.material)?t.material.slice():t.material,this.geometry=t.geometry,this}intersectsFrustum(t){return t.intersectsObject(this)}raycast(t,e){let i=this.geometry,n=this.matrixWorld,r=t.params.Points.threshold,o=i.drawRange;if(i.boundingSphere===null&&i.computeBoundingSphere(),Go.copy(i.boundingSphere),Go.applyMatrix4(n),Go.radius+=r,t.ray.intersectsSphere(Go)===!1)return;hd.copy(n).invert(),qc.copy(t.ray).applyMatrix4(hd);let a=r/((this.scale.x+this.scale.y+this.scale.z)/3),l=a*a,c=i.index,u=i.attributes.position;if(c!==null){let d=Math.max(0,o.start),f=Math.min(c.count,o.start+o.count);for(let m=d,y=f;m<y;m++){let p=c.getX(m);Wo.fromBufferAttribute(u,p),ud(Wo,p,l,n,t,e,this)}}else{let d=Math.max(0,o.start),f=Math.min(u.count,o.start+o.count);for(let m=d,y=f;m<y;m++)Wo.fromBufferAttribute(u,m),ud(Wo,m,l,n,t,e,this)}}updateMorphTargets(){let e=this.geometry.morphAttributes,i=Object.keys(e);if(i.length>0){let n=e[i[0]];if(n!==void 0){this.morphTargetInfluences=[],this.morphTargetDictionary={};for(let r=0,o=n.length;r<o;r++){let a=n[r].name||String(r);this.morphTargetInfluences.push(0),this.morphTargetDictionary[a]=r}}}}};Ir=class extends gn{constructor(t=[],e=es,i,n,r,o,a,l,c,h){super(t,e,i,n,r,o,a,l,c,h),this.isCubeTexture=!0,this.flipY=!1}get images(){return this.image}set images(t){this.image=t}},fi=class extends gn{constructor(t,e,i=Nn,n,r,o,a=Ve,l=Ve,c,h=ci,u=1){if(h!==ci&&h!==mi)throw new Error("THREE.DepthTexture: format must be either THREE.DepthFormat or THREE.DepthStencilFormat");let d={width:t,height:e,depth:u};super(d,n,r,o,a,l,h,i,c),this.isDepthTexture=!0,this.flipY=!1,this.generateMipmaps=!1,this.compareFunction=null}copy(t){return super.copy(t),this.source=new Cs(Object.assign({},t.image)),this.compareFunction=t.compareFunction,this}toJSON(t){let e=super.toJSON(t);return e.compareFunction=this.compareFunction,e}},Lr=class extends fi{constructor(t,e=Nn,i=es,n,r,o=Ve,a=Ve,l,c=ci){let h={width:t,height:t,depth:1},u=[h,h,h,h,h,h];super(t,t,e,i,n,r,o,a,l,c),this.image=u,this.isCubeDepthTexture=!0,this.isCubeTexture=!0}get images(){return this.image}set images(t){this.image=t}},Dr=class extends gn{constructor(t=null){super(),this.sourceTexture=t,this.isExternalTexture=!0}copy(t){return super.copy(t),this.sourceTexture=t.sourceTexture,this}},Ds=class s extends Te{constructor(t=1,e=1,i=1,n=1,r=1,o=1){super(),this.type="BoxGeometry",this.parameters={width:t,height:e,depth:i,widthSegments:n,heightSegments:r,depthSegments:o};let a=this;n=Math.floor(n),r=Math.floor(r),o=Math.floor(o);let l=[],c=[],h=[],u=[],d=0,f=0;m("z","y","x",-1,-1,i,e,t,o,r,0),m("z","y","x",1,-1,i,e,-t,o,r,1),m("x","z","y",1,1,t,i,e,n,o,2),m("x","z","y",1,-1,t,i,-e,n,o,3),m("x","y","z",1,-1,t,e,i,n,r,4),m("x","y","z",-1,-1,t,e,-i,n,r,5),this.setIndex(l),this.setAttribute("position",new Ne(c,3)),this.setAttribute("normal",new Ne(h,3)),this.setAttribute("uv",new Ne(u,2));function m(y,p,g,x,S,v,M,w,_,b,C){let A=v/_,I=M/b,R=v/2,F=M/2,L=w/2,k=_+1,z=b+1,G=0,it=0,Y=new P;for(let tt=0;tt<z;tt++){let nt=tt*I-F;for(let xt=0;xt<k;xt++){let Dt=xt*A-R;Y[y]=Dt*x,Y[p]=nt*S,Y[g]=L,c.push(Y.x,Y.y,Y.z),Y[y]=0,Y[p]=0,Y[g]=w>0?1:-1,h.push(Y.x,Y.y,Y.z),u.push(xt/_),u.push(1-tt/b),G+=1}}for(let tt=0;tt<b;tt++)for(let nt=0;nt<_;nt++){let xt=d+nt+k*tt,Dt=d+nt+k*(tt+1),J=d+(nt+1)+k*(tt+1),at=d+(nt+1)+k*tt;l.push(xt,Dt,at),l.push(Dt,J,at),it+=6}a.addGroup(f,it,C),f+=it,d+=G}}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new s(t.width,t.height,t.depth,t.widthSegments,t.heightSegments,t.depthSegments)}},da=class s extends Te{constructor(t=1,e=1,i=1,n=32,r=1,o=!1,a=0,l=Math.PI*2){super(),this.type="CylinderGeometry",this.parameters={radiusTop:t,radiusBottom:e,height:i,radialSegments:n,heightSegments:r,openEnded:o,thetaStart:a,thetaLength:l};let c=this;n=Math.floor(n),r=Math.floor(r);let h=[],u=[],d=[],f=[],m=0,y=[],p=i/2,g=0;x(),o===!1&&(t>0&&S(!0),e>0&&S(!1)),this.setIndex(h),this.setAttribute("position",new Ne(u,3)),this.setAttribute("normal",new Ne(d,3)),this.setAttribute("uv",new Ne(f,2));function x(){let v=new P,M=new P,w=0,_=(e-t)/i;for(let b=0;b<=r;b++){let C=[],A=b/r,I=A*(e-t)+t;for(let R=0;R<=n;R++){let F=R/n,L=F*l+a,k=Math.sin(L),z=Math.cos(L);M.x=I*k,M.y=-A*i+p,M.z=I*z,u.push(M.x,M.y,M.z),v.set(k,_,z).normalize(),d.push(v.x,v.y,v.z),f.push(F,1-A),C.push(m++)}y.push(C)}for(let b=0;b<n;b++)for(let C=0;C<r;C++){let A=y[C][b],I=y[C+1][b],R=y[C+1][b+1],F=y[C][b+1];(t>0||C!==0)&&(h.push(A,I,F),w+=3),(e>0||C!==r-1)&&(h.push(I,R,F),w+=3)}c.addGroup(g,w,0),g+=w}function S(v){let M=m,w=new ut,_=new P,b=0,C=v===!0?t:e,A=v===!0?1:-1;for(let R=1;R<=n;R++)u.push(0,p*A,0),d.push(0,A,0),f.push(.5,.5),m++;let I=m;for(let R=0;R<=n;R++){let L=R/n*l+a,k=Math.cos(L),z=Math.sin(L);_.x=C*z,_.y=p*A,_.z=C*k,u.push(_.x,_.y,_.z),d.push(0,A,0),w.x=k*.5+.5,w.y=z*.5*A+.5,f.push(w.x,w.y),m++}for(let R=0;R<n;R++){let F=M+R,L=I+R;v===!0?h.push(L,L+1,F):h.push(L+1,L,F),b+=3}c.addGroup(g,b,v===!0?1:2),g+=b}}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new s(t.radiusTop,t.radiusBottom,t.height,t.radialSegments,t.heightSegments,t.openEnded,t.thetaStart,t.thetaLength)}},Nr=class s extends da{constructor(t=1,e=1,i=32,n=1,r=!1,o=0,a=Math.PI*2){super(0,t,e,i,n,r,o,a),this.type="ConeGeometry",this.parameters={radius:t,height:e,radialSegments:i,heightSegments:n,openEnded:r,thetaStart:o,thetaLength:a}}static fromJSON(t){return new s(t.radius,t.height,t.radialSegments,t.heightSegments,t.openEnded,t.thetaStart,t.thetaLength)}},Ln=class{constructor(){this.type="Curve",this.arcLengthDivisions=200,this.needsUpdate=!1,this.cacheArcLengths=null}getPoint(){Nt("Curve: .getPoint() not implemented.")}getPointAt(t,e){let i=this.getUtoTmapping(t);return this.getPoint(i,e)}getPoints(t=5){let e=[];for(let i=0;i<=t;i++)e.push(this.getPoint(i/t));return e}getSpacedPoints(t=5){let e=[];for(let i=0;i<=t;i++)e.push(this.getPointAt(i/t));return e}getLength(){let t=this.getLengths();return t[t.length-1]}getLengths(t=this.arcLengthDivisions){if(this.cacheArcLengths&&this.cacheArcLengths.length===t+1&&!this.needsUpdate)return this.cacheArcLengths;this.needsUpdate=!1;let e=[],i,n=this.getPoint(0),r=0;e.push(0);for(let o=1;o<=t;o++)i=this.getPoint(o/t),r+=i.distanceTo(n),e.push(r),n=i;return this.cacheArcLengths=e,e}updateArcLengths(){this.needsUpdate=!0,this.getLengths()}getUtoTmapping(t,e=null){let i=this.getLengths(),n=0,r=i.length,o;e?o=e:o=t*i[r-1];let a=0,l=r-1,c;for(;a<=l;)if(n=Math.floor(a+(l-a)/2),c=i[n]-o,c<0)a=n+1;else if(c>0)l=n-1;else{l=n;break}if(n=l,i[n]===o)return n/(r-1);let h=i[n],d=i[n+1]-h,f=(o-h)/d;return(n+f)/(r-1)}getTangent(t,e){let n=t-1e-4,r=t+1e-4;n<0&&(n=0),r>1&&(r=1);let o=this.getPoint(n),a=this.getPoint(r),l=e||(o.isVector2?new ut:new P);return l.copy(a).sub(o).normalize(),l}getTangentAt(t,e){let i=this.getUtoTmapping(t);return this.getTangent(i,e)}computeFrenetFrames(t,e=!1){let i=new P,n=[],r=[],o=[],a=new P,l=new kt;for(let f=0;f<=t;f++){let m=f/t;n[f]=this.getTangentAt(m,new P)}r[0]=new P,o[0]=new P;let c=Number.MAX_VALUE,h=Math.abs(n[0].x),u=Math.abs(n[0].y),d=Math.abs(n[0].z);h<=c&&(c=h,i.set(1,0,0)),u<=c&&(c=u,i.set(0,1,0)),d<=c&&i.set(0,0,1),a.crossVectors(n[0],i).normalize(),r[0].crossVectors(n[0],a),o[0].crossVectors(n[0],r[0]);for(let f=1;f<=t;f++){if(r[f]=r[f-1].clone(),o[f]=o[f-1].clone(),a.crossVectors(n[f-1],n[f]),a.length()>Number.EPSILON){a.normalize();let m=Math.acos(zt(n[f-1].dot(n[f]),-1,1));r[f].applyMatrix4(l.makeRotationAxis(a,m))}o[f].crossVectors(n[f],r[f])}if(e===!0){let f=Math.acos(zt(r[0].dot(r[t]),-1,1));f/=t,n[0].dot(a.crossVectors(r[0],r[t]))>0&&(f=-f);for(let m=1;m<=t;m++)r[m].applyMatrix4(l.makeRotationAxis(n[m],f*m)),o[m].crossVectors(n[m],r[m])}return{tangents:n,normals:r,binormals:o}}clone(){return new this.constructor().copy(this)}copy(t){return this.arcLengthDivisions=t.arcLengthDivisions,this.cacheArcLengths=null,this}toJSON(){let t={metadata:{version:4.7,type:"Curve",generator:"Curve.toJSON"}};return t.arcLengthDivisions=this.arcLengthDivisions,t.type=this.type,t}fromJSON(t){return this.arcLengthDivisions=t.arcLengthDivisions,this.cacheArcLengths=null,this}},Ur=class extends Ln{constructor(t=0,e=0,i=1,n=1,r=0,o=Math.PI*2,a=!1,l=0){super(),this.isEllipseCurve=!0,this.type="EllipseCurve",this.aX=t,this.aY=e,this.xRadius=i,this.yRadius=n,this.aStartAngle=r,this.aEndAngle=o,this.aClockwise=a,this.aRotation=l}getPoint(t,e=new ut){let i=e,n=Math.PI*2,r=this.aEndAngle-this.aStartAngle,o=Math.abs(r)<Number.EPSILON;for(;r<0;)r+=n;for(;r>n;)r-=n;r<Number.EPSILON&&(o?r=0:r=n),this.aClockwise===!0&&!o&&(r===n?r=-n:r=r-n);let a=this.aStartAngle+t*r,l=this.aX+this.xRadius*Math.cos(a),c=this.aY+this.yRadius*Math.sin(a);if(this.aRotation!==0){let h=Math.cos(this.aRotation),u=Math.sin(this.aRotation),d=l-this.aX,f=c-this.aY;l=d*h-f*u+this.aX,c=d*u+f*h+this.aY}return i.set(l,c)}copy(t){return super.copy(t),this.aX=t.aX,this.aY=t.aY,this.xRadius=t.xRadius,this.yRadius=t.yRadius,this.aStartAngle=t.aStartAngle,this.aEndAngle=t.aEndAngle,this.aClockwise=t.aClockwise,this.aRotation=t.aRotation,this}toJSON(){let t=super.toJSON();return t.aX=this.aX,t.aY=this.aY,t.xRadius=this.xRadius,t.yRadius=this.yRadius,t.aStartAngle=this.aStartAngle,t.aEndAngle=this.aEndAngle,t.aClockwise=this.aClockwise,t.aRotation=this.aRotation,t}fromJSON(t){return super.fromJSON(t),this.aX=t.aX,this.aY=t.aY,this.xRadius=t.xRadius,this.yRadius=t.yRadius,this.aStartAngle=t.aStartAngle,this.aEndAngle=t.aEndAngle,this.aClockwise=t.aClockwise,this.aRotation=t.aRotation,this}},fa=class extends Ur{constructor(t,e,i,n,r,o){super(t,e,i,i,n,r,o),this.isArcCurve=!0,this.type="ArcCurve"}};dd=new P,fd=new P,Uc=new Eh,Fc=new Eh,Oc=new Eh,Ki=class extends Ln{constructor(t=[],e=!1,i="centripetal",n=.5){super(),this.isCatmullRomCurve3=!0,this.type="CatmullRomCurve3",this.points=t,this.closed=e,this.curveType=i,this.tension=n}getPoint(t,e=new P){let i=e,n=this.points,r=n.length,o=(r-(this.closed?0:1))*t,a=Math.floor(o),l=o-a;this.closed?a+=a>0?0:(Math.floor(Math.abs(a)/r)+1)*r:l===0&&a===r-1&&(a=r-2,l=1);let c,h;this.closed||a>0?c=n[(a-1)%r]:(fd.subVectors(n[0],n[1]).add(n[0]),c=fd);let u=n[a%r],d=n[(a+1)%r];if(this.closed||a+2<r?h=n[(a+2)%r]:(dd.subVectors(n[r-1],n[r-2]).add(n[r-1]),h=dd),this.curveType==="centripetal"||this.curveType==="chordal"){let f=this.curveType==="chordal"?.5:.25,m=Math.pow(c.distanceToSquared(u),f),y=Math.pow(u.distanceToSquared(d),f),p=Math.pow(d.distanceToSquared(h),f);y<1e-4&&(y=1),m<1e-4&&(m=y),p<1e-4&&(p=y),Uc.initNonuniformCatmullRom(c.x,u.x,d.x,h.x,m,y,p),Fc.initNonuniformCatmullRom(c.y,u.y,d.y,h.y,m,y,p),Oc.initNonuniformCatmullRom(c.z,u.z,d.z,h.z,m,y,p)}else this.curveType==="catmullrom"&&(Uc.initCatmullRom(c.x,u.x,d.x,h.x,this.tension),Fc.initCatmullRom(c.y,u.y,d.y,h.y,this.tension),Oc.initCatmullRom(c.z,u.z,d.z,h.z,this.tension));return i.set(Uc.calc(l),Fc.calc(l),Oc.calc(l)),i}copy(t){super.copy(t),this.points=[];for(let e=0,i=t.points.length;e<i;e++){let n=t.points[e];this.points.push(n.clone())}return this.closed=t.closed,this.curveType=t.curveType,this.tension=t.tension,this}toJSON(){let t=super.toJSON();t.points=[];for(let e=0,i=this.points.length;e<i;e++){let n=this.points[e];t.points.push(n.toArray())}return t.closed=this.closed,t.curveType=this.curveType,t.tension=this.tension,t}fromJSON(t){super.fromJSON(t),this.points=[];for(let e=0,i=t.points.length;e<i;e++){let n=t.points[e];this.points.push(new P().fromArray(n))}return this.closed=t.closed,this.curveType=t.curveType,this.tension=t.tension,this}};pa=class extends Ln{constructor(t=new ut,e=new ut,i=new ut,n=new ut){super(),this.isCubicBezierCurve=!0,this.type="CubicBezierCurve",this.v0=t,this.v1=e,this.v2=i,this.v3=n}getPoint(t,e=new ut){let i=e,n=this.v0,r=this.v1,o=this.v2,a=this.v3;return i.set(vr(t,n.x,r.x,o.x,a.x),vr(t,n.y,r.y,o.y,a.y)),i}copy(t){return super.copy(t),this.v0.copy(t.v0),this.v1.copy(t.v1),this.v2.copy(t.v2),this.v3.copy(t.v3),this}toJSON(){let t=super.toJSON();return t.v0=this.v0.toArray(),t.v1=this.v1.toArray(),t.v2=this.v2.toArray(),t.v3=this.v3.toArray(),t}fromJSON(t){return super.fromJSON(t),this.v0.fromArray(t.v0),this.v1.fromArray(t.v1),this.v2.fromArray(t.v2),this.v3.fromArray(t.v3),this}},ma=class extends Ln{constructor(t=new P,e=new P,i=new P,n=new P){super(),this.isCubicBezierCurve3=!0,this.type="CubicBezierCurve3",this.v0=t,this.v1=e,this.v2=i,this.v3=n}getPoint(t,e=new P){let i=e,n=this.v0,r=this.v1,o=this.v2,a=this.v3;return i.set(vr(t,n.x,r.x,o.x,a.x),vr(t,n.y,r.y,o.y,a.y),vr(t,n.z,r.z,o.z,a.z)),i}copy(t){return super.copy(t),this.v0.copy(t.v0),this.v1.copy(t.v1),this.v2.copy(t.v2),this.v3.copy(t.v3),this}toJSON(){let t=super.toJSON();return t.v0=this.v0.toArray(),t.v1=this.v1.toArray(),t.v2=this.v2.toArray(),t.v3=this.v3.toArray(),t}fromJSON(t){return super.fromJSON(t),this.v0.fromArray(t.v0),this.v1.fromArray(t.v1),this.v2.fromArray(t.v2),this.v3.fromArray(t.v3),this}},ga=class extends Ln{constructor(t=new ut,e=new ut){super(),this.isLineCurve=!0,this.type="LineCurve",this.v1=t,this.v2=e}getPoint(t,e=new ut){let i=e;return t===1?i.copy(this.v2):(i.copy(this.v2).sub(this.v1),i.multiplyScalar(t).add(this.v1)),i}getPointAt(t,e){return this.getPoint(t,e)}getTangent(t,e=new ut){return e.subVectors(this.v2,this.v1).normalize()}getTangentAt(t,e){return this.getTangent(t,e)}copy(t){return super.copy(t),this.v1.copy(t.v1),this.v2.copy(t.v2),this}toJSON(){let t=super.toJSON();return t.v1=this.v1.toArray(),t.v2=this.v2.toArray(),t}fromJSON(t){return super.fromJSON(t),this.v1.fromArray(t.v1),this.v2.fromArray(t.v2),this}},_a=class extends Ln{constructor(t=new P,e=new P){super(),this.isLineCurve3=!0,this.type="LineCurve3",this.v1=t,this.v2=e}getPoint(t,e=new P){let i=e;return t===1?i.copy(this.v2):(i.copy(this.v2).sub(this.v1),i.multiplyScalar(t).add(this.v1)),i}getPointAt(t,e){return this.getPoint(t,e)}getTangent(t,e=new P){return e.subVectors(this.v2,this.v1).normalize()}getTangentAt(t,e){return this.getTangent(t,e)}copy(t){return super.copy(t),this.v1.copy(t.v1),this.v2.copy(t.v2),this}toJSON(){let t=super.toJSON();return t.v1=this.v1.toArray(),t.v2=this.v2.toArray(),t}fromJSON(t){return super.fromJSON(t),this.v1.fromArray(t.v1),this.v2.fromArray(t.v2),this}},xa=class extends Ln{constructor(t=new ut,e=new ut,i=new ut){super(),this.isQuadraticBezierCurve=!0,this.type="QuadraticBezierCurve",this.v0=t,this.v1=e,this.v2=i}getPoint(t,e=new ut){let i=e,n=this.v0,r=this.v1,o=this.v2;return i.set(yr(t,n.x,r.x,o.x),yr(t,n.y,r.y,o.y)),i}copy(t){return super.copy(t),this.v0.copy(t.v0),this.v1.copy(t.v1),this.v2.copy(t.v2),this}toJSON(){let t=super.toJSON();return t.v0=this.v0.toArray(),t.v1=this.v1.toArray(),t.v2=this.v2.toArray(),t}fromJSON(t){return super.fromJSON(t),this.v0.fromArray(t.v0),this.v1.fromArray(t.v1),this.v2.fromArray(t.v2),this}},Fr=class extends Ln{constructor(t=new P,e=new P,i=new P){super(),this.isQuadraticBezierCurve3=!0,this.type="QuadraticBezierCurve3",this.v0=t,this.v1=e,this.v2=i}getPoint(t,e=new P){let i=e,n=this.v0,r=this.v1,o=this.v2;return i.set(yr(t,n.x,r.x,o.x),yr(t,n.y,r.y,o.y),yr(t,n.z,r.z,o.z)),i}copy(t){return super.copy(t),this.v0.copy(t.v0),this.v1.copy(t.v1),this.v2.copy(t.v2),this}toJSON(){let t=super.toJSON();return t.v0=this.v0.toArray(),t.v1=this.v1.toArray(),t.v2=this.v2.toArray(),t}fromJSON(t){return super.fromJSON(t),this.v0.fromArray(t.v0),this.v1.fromArray(t.v1),this.v2.fromArray(t.v2),this}},ya=class extends Ln{constructor(t=[]){super(),this.isSplineCurve=!0,this.type="SplineCurve",this.points=t}getPoint(t,e=new ut){let i=e,n=this.points,r=(n.length-1)*t,o=Math.floor(r),a=r-o,l=n[o===0?o:o-1],c=n[o],h=n[o>n.length-2?n.length-1:o+1],u=n[o>n.length-3?n.length-1:o+2];return i.set(pd(a,l.x,c.x,h.x,u.x),pd(a,l.y,c.y,h.y,u.y)),i}copy(t){super.copy(t),this.points=[];for(let e=0,i=t.points.length;e<i;e++){let n=t.points[e];this.points.push(n.clone())}return this}toJSON(){let t=super.toJSON();t.points=[];for(let e=0,i=this.points.length;e<i;e++){let n=this.points[e];t.points.push(n.toArray())}return t}fromJSON(t){super.fromJSON(t),this.points=[];for(let e=0,i=t.points.length;e<i;e++){let n=t.points[e];this.points.push(new ut().fromArray(n))}return this}},Cg=Object.freeze({__proto__:null,ArcCurve:fa,CatmullRomCurve3:Ki,CubicBezierCurve:pa,CubicBezierCurve3:ma,EllipseCurve:Ur,LineCurve:ga,LineCurve3:_a,QuadraticBezierCurve:xa,QuadraticBezierCurve3:Fr,SplineCurve:ya}),Or=class s extends Te{constructor(t=1,e=1,i=1,n=1){super(),this.type="PlaneGeometry",this.parameters={width:t,height:e,widthSegments:i,heightSegments:n};let r=t/2,o=e/2,a=Math.floor(i),l=Math.floor(n),c=a+1,h=l+1,u=t/a,d=e/l,f=[],m=[],y=[],p=[];for(let g=0;g<h;g++){let x=g*d-o;for(let S=0;S<c;S++){let v=S*u-r;m.push(v,-x,0),y.push(0,0,1),p.push(S/a),p.push(1-g/l)}}for(let g=0;g<l;g++)for(let x=0;x<a;x++){let S=x+c*g,v=x+c*(g+1),M=x+1+c*(g+1),w=x+1+c*g;f.push(S,v,w),f.push(v,M,w)}this.setIndex(f),this.setAttribute("position",new Ne(m,3)),this.setAttribute("normal",new Ne(y,3)),this.setAttribute("uv",new Ne(p,2))}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}static fromJSON(t){return new s(t.width,t.height,t.widthSegments,t.heightSegments)}},Ns=class s extends Te{constructor(t=new Fr(new P(-1,-1,0),new P(-1,1,0),new P(1,1,0)),e=64,i=1,n=8,r=!1){super(),this.type="TubeGeometry",this.parameters={path:t,tubularSegments:e,radius:i,radialSegments:n,closed:r};let o=t.computeFrenetFrames(e,r);this.tangents=o.tangents,this.normals=o.normals,this.binormals=o.binormals;let a=new P,l=new P,c=new ut,h=new P,u=[],d=[],f=[],m=[];y(),this.setIndex(m),this.setAttribute("position",new Ne(u,3)),this.setAttribute("normal",new Ne(d,3)),this.setAttribute("uv",new Ne(f,2));function y(){for(let S=0;S<e;S++)p(S);p(r===!1?e:0),x(),g()}function p(S){h=t.getPointAt(S/e,h);let v=o.normals[S],M=o.binormals[S];for(let w=0;w<=n;w++){let _=w/n*Math.PI*2,b=Math.sin(_),C=-Math.cos(_);l.x=C*v.x+b*M.x,l.y=C*v.y+b*M.y,l.z=C*v.z+b*M.z,l.normalize(),d.push(l.x,l.y,l.z),a.x=h.x+i*l.x,a.y=h.y+i*l.y,a.z=h.z+i*l.z,u.push(a.x,a.y,a.z)}}function g(){for(let S=1;S<=e;S++)for(let v=1;v<=n;v++){let M=(n+1)*(S-1)+(v-1),w=(n+1)*S+(v-1),_=(n+1)*S+v,b=(n+1)*(S-1)+v;m.push(M,w,b),m.push(w,_,b)}}function x(){for(let S=0;S<=e;S++)for(let v=0;v<=n;v++)c.x=S/e,c.y=v/n,f.push(c.x,c.y)}}copy(t){return super.copy(t),this.parameters=Object.assign({},t.parameters),this}toJSON(){let t=super.toJSON();return t.path=this.parameters.path.toJSON(),t}static fromJSON(t){return new s(new Cg[t.path.type]().fromJSON(t.path),t.tubularSegments,t.radius,t.radialSegments,t.closed)}};df={clone:is,merge:sn},Pg=`void main() {
	gl_Position = projectionMatrix * modelViewMatrix * vec4( position, 1.0 );
}`,Ig=`void main() {
	gl_FragColor = vec4( 1.0, 0.0, 0.0, 1.0 );
}`,Jn=class extends Zn{constructor(t){super(),this.isShaderMaterial=!0,this.type="ShaderMaterial",this.defines={},this.uniforms={},this.uniformsGroups=[],this.vertexShader=Pg,this.fragmentShader=Ig,this.linewidth=1,this.wireframe=!1,this.wireframeLinewidth=1,this.fog=!1,this.lights=!1,this.clipping=!1,this.forceSinglePass=!0,this.extensions={clipCullDistance:!1,multiDraw:!1},this.defaultAttributeValues={color:[1,1,1],uv:[0,0],uv1:[0,0]},this.index0AttributeName=void 0,this.uniformsNeedUpdate=!1,this.glslVersion=null,t!==void 0&&this.setValues(t)}copy(t){return super.copy(t),this.fragmentShader=t.fragmentShader,this.vertexShader=t.vertexShader,this.uniforms=is(t.uniforms),this.uniformsGroups=Rg(t.uniformsGroups),this.defines=Object.assign({},t.defines),this.wireframe=t.wireframe,this.wireframeLinewidth=t.wireframeLinewidth,this.fog=t.fog,this.lights=t.lights,this.clipping=t.clipping,this.extensions=Object.assign({},t.extensions),this.glslVersion=t.glslVersion,this.defaultAttributeValues=Object.assign({},t.defaultAttributeValues),this.index0AttributeName=t.index0AttributeName,this.uniformsNeedUpdate=t.uniformsNeedUpdate,this}toJSON(t){let e=super.toJSON(t);e.glslVersion=this.glslVersion,e.uniforms={};for(let n in this.uniforms){let o=this.uniforms[n].value;o&&o.isTexture?e.uniforms[n]={type:"t",value:o.toJSON(t).uuid}:o&&o.isColor?e.uniforms[n]={type:"c",value:o.getHex()}:o&&o.isVector2?e.uniforms[n]={type:"v2",value:o.toArray()}:o&&o.isVector3?e.uniforms[n]={type:"v3",value:o.toArray()}:o&&o.isVector4?e.uniforms[n]={type:"v4",value:o.toArray()}:o&&o.isMatrix3?e.uniforms[n]={type:"m3",value:o.toArray()}:o&&o.isMatrix4?e.uniforms[n]={type:"m4",value:o.toArray()}:e.uniforms[n]={value:o}}Object.keys(this.defines).length>0&&(e.defines=this.defines),e.vertexShader=this.vertexShader,e.fragmentShader=this.fragmentShader,e.lights=this.lights,e.clipping=this.clipping;let i={};for(let n in this.extensions)this.extensions[n]===!0&&(i[n]=!0);return Object.keys(i).length>0&&(e.extensions=i),e}fromJSON(t,e){if(super.fromJSON(t,e),t.uniforms!==void 0)for(let i in t.uniforms){let n=t.uniforms[i];switch(this.uniforms[i]={},n.type){case"t":this.uniforms[i].value=e[n.value]||null;break;case"c":this.uniforms[i].value=new qt().setHex(n.value);break;case"v2":this.uniforms[i].value=new ut().fromArray(n.value);break;case"v3":this.uniforms[i].value=new P().fromArray(n.value);break;case"v4":this.uniforms[i].value=new ve().fromArray(n.value);break;case"m3":this.uniforms[i].value=new Vt().fromArray(n.value);break;case"m4":this.uniforms[i].value=new kt().fromArray(n.value);break;default:this.uniforms[i].value=n.value}}if(t.defines!==void 0&&(this.defines=t.defines),t.vertexShader!==void 0&&(this.vertexShader=t.vertexShader),t.fragmentShader!==void 0&&(this.fragmentShader=t.fragmentShader),t.glslVersion!==void 0&&(this.glslVersion=t.glslVersion),t.extensions!==void 0)for(let i in t.extensions)this.extensions[i]=t.extensions[i];return t.lights!==void 0&&(this.lights=t.lights),t.clipping!==void 0&&(this.clipping=t.clipping),this}},va=class extends Jn{constructor(t){super(t),this.isRawShaderMaterial=!0,this.type="RawShaderMaterial"}},Br=class extends Zn{constructor(t){super(),this.isMeshLambertMaterial=!0,this.type="MeshLambertMaterial",this.color=new qt(16777215),this.map=null,this.lightMap=null,this.lightMapIntensity=1,this.aoMap=null,this.aoMapIntensity=1,this.emissive=new qt(0),this.emissiveIntensity=1,this.emissiveMap=null,this.bumpMap=null,this.bumpScale=1,this.normalMap=null,this.normalMapType=vl,this.normalScale=new ut(1,1),this.displacementMap=null,this.displacementScale=1,this.displacementBias=0,this.specularMap=null,this.alphaMap=null,this.envMap=null,this.envMapRotation=new hi,this.combine=Ua,this.reflectivity=1,this.envMapIntensity=1,this.refractionRatio=.98,this.wireframe=!1,this.wireframeLinewidth=1,this.wireframeLinecap="round",this.wireframeLinejoin="round",this.flatShading=!1,this.fog=!0,this.setValues(t)}copy(t){return super.copy(t),this.color.copy(t.color),this.map=t.map,this.lightMap=t.lightMap,this.lightMapIntensity=t.lightMapIntensity,this.aoMap=t.aoMap,this.aoMapIntensity=t.aoMapIntensity,this.emissive.copy(t.emissive),this.emissiveMap=t.emissiveMap,this.emissiveIntensity=t.emissiveIntensity,this.bumpMap=t.bumpMap,this.bumpScale=t.bumpScale,this.normalMap=t.normalMap,this.normalMapType=t.normalMapType,this.normalScale.copy(t.normalScale),this.displacementMap=t.displacementMap,this.displacementScale=t.displacementScale,this.displacementBias=t.displacementBias,this.specularMap=t.specularMap,this.alphaMap=t.alphaMap,this.envMap=t.envMap,this.envMapRotation.copy(t.envMapRotation),this.combine=t.combine,this.reflectivity=t.reflectivity,this.envMapIntensity=t.envMapIntensity,this.refractionRatio=t.refractionRatio,this.wireframe=t.wireframe,this.wireframeLinewidth=t.wireframeLinewidth,this.wireframeLinecap=t.wireframeLinecap,this.wireframeLinejoin=t.wireframeLinejoin,this.flatShading=t.flatShading,this.fog=t.fog,this}},Sa=class extends Zn{constructor(t){super(),this.isMeshDepthMaterial=!0,this.type="MeshDepthMaterial",this.depthPacking=Zd,this.map=null,this.alphaMap=null,this.displacementMap=null,this.displacementScale=1,this.displacementBias=0,this.wireframe=!1,this.wireframeLinewidth=1,this.setValues(t)}copy(t){return super.copy(t),this.depthPacking=t.depthPacking,this.map=t.map,this.alphaMap=t.alphaMap,this.displacementMap=t.displacementMap,this.displacementScale=t.displacementScale,this.displacementBias=t.displacementBias,this.wireframe=t.wireframe,this.wireframeLinewidth=t.wireframeLinewidth,this}},ba=class extends Zn{constructor(t){super(),this.isMeshDistanceMaterial=!0,this.type="MeshDistanceMaterial",this.map=null,this.alphaMap=null,this.displacementMap=null,this.displacementScale=1,this.displacementBias=0,this.setValues(t)}copy(t){return super.copy(t),this.map=t.map,this.alphaMap=t.alphaMap,this.displacementMap=t.displacementMap,this.displacementScale=t.displacementScale,this.displacementBias=t.displacementBias,this}},ji=class extends Ji{constructor(t){super(),this.isLineDashedMaterial=!0,this.type="LineDashedMaterial",this.scale=1,this.dashSize=3,this.gapSize=1,this.setValues(t)}copy(t){return super.copy(t),this.scale=t.scale,this.dashSize=t.dashSize,this.gapSize=t.gapSize,this}};Ci=class{constructor(t,e,i,n){this.parameterPositions=t,this._cachedIndex=0,this.resultBuffer=n!==void 0?n:new e.constructor(i),this.sampleValues=e,this.valueSize=i,this.settings=null,this.DefaultSettings_={}}evaluate(t){let e=this.parameterPositions,i=this._cachedIndex,n=e[i],r=e[i-1];n:{t:{let o;e:{i:if(!(t<n)){for(let a=i+2;;){if(n===void 0){if(t<r)break i;return i=e.length,this._cachedIndex=i,this.copySampleValue_(i-1)}if(i===a)break;if(r=n,n=e[++i],t<n)break t}o=e.length;break e}if(!(t>=r)){let a=e[1];t<a&&(i=2,r=a);for(let l=i-2;;){if(r===void 0)return this._cachedIndex=0,this.copySampleValue_(0);if(i===l)break;if(n=r,r=e[--i-1],t>=r)break t}o=i,i=0;break e}break n}for(;i<o;){let a=i+o>>>1;t<e[a]?o=a:i=a+1}if(n=e[i],r=e[i-1],r===void 0)return this._cachedIndex=0,this.copySampleValue_(0);if(n===void 0)return i=e.length,this._cachedIndex=i,this.copySampleValue_(i-1)}this._cachedIndex=i,this.intervalChanged_(i,r,n)}return this.interpolate_(i,r,t,n)}getSettings_(){return this.settings||this.DefaultSettings_}copySampleValue_(t){let e=this.resultBuffer,i=this.sampleValues,n=this.valueSize,r=t*n;for(let o=0;o!==n;++o)e[o]=i[r+o];return e}interpolate_(){throw new Error("THREE.Interpolant: Call to abstract method.")}intervalChanged_(){}},Ma=class extends Ci{constructor(t,e,i,n){super(t,e,i,n),this._weightPrev=-0,this._offsetPrev=-0,this._weightNext=-0,this._offsetNext=-0,this.DefaultSettings_={endingStart:Vc,endingEnd:Vc}}intervalChanged_(t,e,i){let n=this.parameterPositions,r=t-2,o=t+1,a=n[r],l=n[o];if(a===void 0)switch(this.getSettings_().endingStart){case Hc:r=t,a=2*e-i;break;case Gc:r=n.length-2,a=e+n[r]-n[r+1];break;default:r=t,a=i}if(l===void 0)switch(this.getSettings_().endingEnd){case Hc:o=t,l=2*i-e;break;case Gc:o=1,l=i+n[1]-n[0];break;default:o=t-1,l=e}let c=(i-e)*.5,h=this.valueSize;this._weightPrev=c/(e-a),this._weightNext=c/(l-i),this._offsetPrev=r*h,this._offsetNext=o*h}interpolate_(t,e,i,n){let r=this.resultBuffer,o=this.sampleValues,a=this.valueSize,l=t*a,c=l-a,h=this._offsetPrev,u=this._offsetNext,d=this._weightPrev,f=this._weightNext,m=(i-e)/(n-e),y=m*m,p=y*m,g=-d*p+2*d*y-d*m,x=(1+d)*p+(-1.5-2*d)*y+(-.5+d)*m+1,S=(-1-f)*p+(1.5+f)*y+.5*m,v=f*p-f*y;for(let M=0;M!==a;++M)r[M]=g*o[h+M]+x*o[c+M]+S*o[l+M]+v*o[u+M];return r}},wa=class extends Ci{constructor(t,e,i,n){super(t,e,i,n)}interpolate_(t,e,i,n){let r=this.resultBuffer,o=this.sampleValues,a=this.valueSize,l=t*a,c=l-a,h=(i-e)/(n-e),u=1-h;for(let d=0;d!==a;++d)r[d]=o[c+d]*u+o[l+d]*h;return r}},Ta=class extends Ci{constructor(t,e,i,n){super(t,e,i,n)}interpolate_(t){return this.copySampleValue_(t-1)}},Ea=class extends Ci{interpolate_(t,e,i,n){let r=this.resultBuffer,o=this.sampleValues,a=this.valueSize,l=t*a,c=l-a,h=this.inTangents,u=this.outTangents;if(!h||!u){let m=(i-e)/(n-e),y=1-m;for(let p=0;p!==a;++p)r[p]=o[c+p]*y+o[l+p]*m;return r}let d=a*2,f=t-1;for(let m=0;m!==a;++m){let y=o[c+m],p=o[l+m],g=f*d+m*2,x=u[g],S=u[g+1],v=t*d+m*2,M=h[v],w=h[v+1],_=Dg(i,e,x,M,n);r[m]=ff(_,y,S,w,p)}return r}};En=class{constructor(t,e,i,n){if(t===void 0)throw new Error("THREE.KeyframeTrack: track name is undefined");if(e===void 0||e.length===0)throw new Error("THREE.KeyframeTrack: no keyframes in track named "+t);this.name=t,this.times=xs(e,this.TimeBufferType),this.values=xs(i,this.ValueBufferType),this.setInterpolation(n||this.DefaultInterpolation)}static toJSON(t){let e=t.constructor,i;if(e.toJSON!==this.toJSON)i=e.toJSON(t);else{i={name:t.name,times:xs(t.times,Array),values:xs(t.values,Array)};let n=t.getInterpolation();n!==t.DefaultInterpolation&&(i.interpolation=n),qo(t.settings)&&(i.settings={inTangents:xs(t.settings.inTangents,Array),outTangents:xs(t.settings.outTangents,Array)})}return i.type=t.ValueTypeName,i}InterpolantFactoryMethodDiscrete(t){return new Ta(this.times,this.values,this.getValueSize(),t)}InterpolantFactoryMethodLinear(t){return new wa(this.times,this.values,this.getValueSize(),t)}InterpolantFactoryMethodSmooth(t){return new Ma(this.times,this.values,this.getValueSize(),t)}InterpolantFactoryMethodBezier(t){let e=new Ea(this.times,this.values,this.getValueSize(),t);return this.settings&&(e.inTangents=this.settings.inTangents,e.outTangents=this.settings.outTangents),e}setInterpolation(t){let e;switch(t){case Sr:e=this.InterpolantFactoryMethodDiscrete;break;case oa:e=this.InterpolantFactoryMethodLinear;break;case Zo:e=this.InterpolantFactoryMethodSmooth;break;case zc:e=this.InterpolantFactoryMethodBezier;break}if(e===void 0){let i="unsupported interpolation for "+this.ValueTypeName+" keyframe track named "+this.name;if(this.createInterpolant===void 0)if(t!==this.DefaultInterpolation)this.setInterpolation(this.DefaultInterpolation);else throw new Error(i);return Nt("KeyframeTrack:",i),this}return this.createInterpolant=e,this}getInterpolation(){switch(this.createInterpolant){case this.InterpolantFactoryMethodDiscrete:return Sr;case this.InterpolantFactoryMethodLinear:return oa;case this.InterpolantFactoryMethodSmooth:return Zo;case this.InterpolantFactoryMethodBezier:return zc}}getValueSize(){return this.values.length/this.times.length}shift(t){if(t!==0){let e=this.times;for(let i=0,n=e.length;i!==n;++i)e[i]+=t;qo(this.settings)&&(gd(this.settings.inTangents,t),gd(this.settings.outTangents,t))}return this}scale(t){if(t!==1){let e=this.times;for(let i=0,n=e.length;i!==n;++i)e[i]*=t;qo(this.settings)&&(_d(this.settings.inTangents,t),_d(this.settings.outTangents,t))}return this}trim(t,e){let i=this.times,n=i.length,r=0,o=n-1;for(;r!==n&&i[r]<t;)++r;for(;o!==-1&&i[o]>e;)--o;if(++o,r!==0||o!==n){r>=o&&(o=Math.max(o,1),r=o-1);let a=this.getValueSize();this.times=i.slice(r,o),this.values=this.values.slice(r*a,o*a)}return this}validate(){let t=!0,e=this.getValueSize();e-Math.floor(e)!==0&&(Bt("KeyframeTrack: Invalid value size in track.",this),t=!1);let i=this.times,n=this.values,r=i.length;r===0&&(Bt("KeyframeTrack: Track is empty.",this),t=!1);let o=null;for(let a=0;a!==r;a++){let l=i[a];if(typeof l=="number"&&isNaN(l)){Bt("KeyframeTrack: Time is not a valid number.",this,a,l),t=!1;break}if(o!==null&&o>l){Bt("KeyframeTrack: Out of order keys.",this,a,l,o),t=!1;break}o=l}if(n!==void 0&&Nm(n))for(let a=0,l=n.length;a!==l;++a){let c=n[a];if(isNaN(c)){Bt("KeyframeTrack: Value is not a valid number.",this,a,c),t=!1;break}}return t}optimize(){let t=this.times.slice(),e=this.values.slice(),i=this.getValueSize(),n=this.getInterpolation()===Zo,r=t.length-1,o=1;for(let a=1;a<r;++a){let l=!1,c=t[a],h=t[a+1];if(c!==h&&(a!==1||c!==t[0]))if(n)l=!0;else{let u=a*i,d=u-i,f=u+i;for(let m=0;m!==i;++m){let y=e[u+m];if(y!==e[d+m]||y!==e[f+m]){l=!0;break}}}if(l){if(a!==o){t[o]=t[a];let u=a*i,d=o*i;for(let f=0;f!==i;++f)e[d+f]=e[u+f]}++o}}if(r>0){t[o]=t[r];for(let a=r*i,l=o*i,c=0;c!==i;++c)e[l+c]=e[a+c];++o}return o!==t.length?(this.times=t.slice(0,o),this.values=e.slice(0,o*i)):(this.times=t,this.values=e),this}clone(){let t=this.times.slice(),e=this.values.slice(),i=this.constructor,n=new i(this.name,t,e);return n.createInterpolant=this.createInterpolant,qo(this.settings)&&(n.settings={inTangents:this.settings.inTangents.slice(),outTangents:this.settings.outTangents.slice()}),n}};En.prototype.ValueTypeName="";En.prototype.TimeBufferType=Float32Array;En.prototype.ValueBufferType=Float32Array;En.prototype.DefaultInterpolation=oa;Ri=class extends En{constructor(t,e,i){super(t,e,i)}};Ri.prototype.ValueTypeName="bool";Ri.prototype.ValueBufferType=Array;Ri.prototype.DefaultInterpolation=Sr;Ri.prototype.InterpolantFactoryMethodLinear=void 0;Ri.prototype.InterpolantFactoryMethodSmooth=void 0;Aa=class extends En{constructor(t,e,i,n){super(t,e,i,n)}};Aa.prototype.ValueTypeName="color";Ca=class extends En{constructor(t,e,i,n){super(t,e,i,n)}};Ca.prototype.ValueTypeName="number";Ra=class extends Ci{constructor(t,e,i,n){super(t,e,i,n)}interpolate_(t,e,i,n){let r=this.resultBuffer,o=this.sampleValues,a=this.valueSize,l=(i-e)/(n-e),c=t*a;for(let h=c+a;c!==h;c+=4)nn.slerpFlat(r,0,o,c-a,o,c,l);return r}},kr=class extends En{constructor(t,e,i,n){super(t,e,i,n)}InterpolantFactoryMethodLinear(t){return new Ra(this.times,this.values,this.getValueSize(),t)}};kr.prototype.ValueTypeName="quaternion";kr.prototype.InterpolantFactoryMethodSmooth=void 0;Pi=class extends En{constructor(t,e,i){super(t,e,i)}};Pi.prototype.ValueTypeName="string";Pi.prototype.ValueBufferType=Array;Pi.prototype.DefaultInterpolation=Sr;Pi.prototype.InterpolantFactoryMethodLinear=void 0;Pi.prototype.InterpolantFactoryMethodSmooth=void 0;Pa=class extends En{constructor(t,e,i,n){super(t,e,i,n)}};Pa.prototype.ValueTypeName="vector";Ia=class{constructor(t,e,i){let n=this,r=!1,o=0,a=0,l,c=[];this.onStart=void 0,this.onLoad=t,this.onProgress=e,this.onError=i,this._abortController=null,this.itemStart=function(h){a++,r===!1&&n.onStart!==void 0&&n.onStart(h,o,a),r=!0},this.itemEnd=function(h){o++,n.onProgress!==void 0&&n.onProgress(h,o,a),o===a&&(r=!1,n.onLoad!==void 0&&n.onLoad())},this.itemError=function(h){n.onError!==void 0&&n.onError(h)},this.resolveURL=function(h){return h=h.normalize("NFC"),l?l(h):h},this.setURLModifier=function(h){return l=h,this},this.addHandler=function(h,u){return c.push(h,u),this},this.removeHandler=function(h){let u=c.indexOf(h);return u!==-1&&c.splice(u,2),this},this.getHandler=function(h){for(let u=0,d=c.length;u<d;u+=2){let f=c[u],m=c[u+1];if(f.global&&(f.lastIndex=0),f.test(h))return m}return null},this.abort=function(){return this.abortController.abort(),this._abortController=null,this}}get abortController(){return this._abortController||(this._abortController=new AbortController),this._abortController}},pf=new Ia,La=class{constructor(t){this.manager=t!==void 0?t:pf,this.crossOrigin="anonymous",this.withCredentials=!1,this.path="",this.resourcePath="",this.requestHeader={},this.priority="auto",this.cache="default",typeof __THREE_DEVTOOLS__<"u"&&__THREE_DEVTOOLS__.dispatchEvent(new CustomEvent("observe",{detail:this}))}load(){}loadAsync(t,e){let i=this;return new Promise(function(n,r){i.load(t,n,e,r)})}parse(){}setCrossOrigin(t){return this.crossOrigin=t,this}setWithCredentials(t){return this.withCredentials=t,this}setPath(t){return this.path=t,this}setResourcePath(t){return this.resourcePath=t,this}setRequestHeader(t){return this.requestHeader=t,this}setPriority(t){return this.priority=t,this}setCache(t){return this.cache=t,this}abort(){return this}};La.DEFAULT_MATERIAL_NAME="__DEFAULT";Us=class extends He{static registerNode(t){this.prototype._lightNode=t}constructor(t,e=1){super(),this.isLight=!0,this.type="Light",this.color=new qt(t),this.intensity=e}copy(t,e){return super.copy(t,e),this.color.copy(t.color),this.intensity=t.intensity,this}toJSON(t){let e=super.toJSON(t);return e.object.color=this.color.getHex(),e.object.intensity=this.intensity,e}},zr=class extends Us{constructor(t,e,i){super(t,i),this.isHemisphereLight=!0,this.type="HemisphereLight",this.position.copy(He.DEFAULT_UP),this.updateMatrix(),this.groundColor=new qt(e)}copy(t,e){return super.copy(t,e),this.groundColor.copy(t.groundColor),this}toJSON(t){let e=super.toJSON(t);return e.object.groundColor=this.groundColor.getHex(),e}},Bc=new kt,xd=new P,yd=new P,Da=class{constructor(t){this.camera=t,this.intensity=1,this.bias=0,this.biasNode=null,this.normalBias=0,this.radius=1,this.blurSamples=8,this.mapSize=new ut(512,512),this.mapType=_n,this.map=null,this.mapPass=null,this.matrix=new kt,this.autoUpdate=!0,this.needsUpdate=!1,this._frustum=new di,this._frameExtents=new ut(1,1),this._viewportCount=1,this._viewports=[new ve(0,0,1,1)]}getViewportCount(){return this._viewportCount}getCamera(){return this.camera}getFrustum(){return this._frustum}updateMatrices(t){let e=this.camera;xd.setFromMatrixPosition(t.matrixWorld),e.position.copy(xd),yd.setFromMatrixPosition(t.target.matrixWorld),e.lookAt(yd),e.updateMatrixWorld(),this._updateMatrix(e,this.matrix,this._frustum)}_updateMatrix(t,e,i,n){Bc.multiplyMatrices(t.projectionMatrix,t.matrixWorldInverse),i.setFromProjectionMatrix(Bc,t.coordinateSystem,t.reversedDepth);let r=this._frameExtents,o=n?n.z/r.x:1,a=n?n.w/r.y:1,l=n?n.x/r.x:0,c=n?n.y/r.y:0;t.coordinateSystem===Ts||t.reversedDepth?e.set(.5*o,0,0,.5*o+l,0,.5*a,0,.5*a+c,0,0,1,0,0,0,0,1):e.set(.5*o,0,0,.5*o+l,0,.5*a,0,.5*a+c,0,0,.5,.5,0,0,0,1),e.multiply(Bc)}getViewport(t){return this._viewports[t]}getFrameExtents(){return this._frameExtents}dispose(){this.map&&this.map.dispose(),this.mapPass&&this.mapPass.dispose()}copy(t){return this.camera=t.camera.clone(),this.intensity=t.intensity,this.bias=t.bias,this.radius=t.radius,this.autoUpdate=t.autoUpdate,this.needsUpdate=t.needsUpdate,this.normalBias=t.normalBias,this.blurSamples=t.blurSamples,this.mapSize.copy(t.mapSize),this.mapType=t.mapType,this.biasNode=t.biasNode,this}clone(){return new this.constructor().copy(this)}toJSON(){let t={};return t.intensity=this.intensity,t.bias=this.bias,t.normalBias=this.normalBias,t.radius=this.radius,t.blurSamples=this.blurSamples,t.mapSize=this.mapSize.toArray(),t.mapType=this.mapType,t.camera=this.camera.toJSON(!1).object,delete t.camera.matrix,t}},Xo=new P,Yo=new nn,Yn=new P,Vr=class extends He{constructor(){super(),this.isCamera=!0,this.type="Camera",this.matrixWorldInverse=new kt,this.projectionMatrix=new kt,this.projectionMatrixInverse=new kt,this.coordinateSystem=Pn,this._reversedDepth=!1}get reversedDepth(){return this._reversedDepth}copy(t,e){return super.copy(t,e),this.matrixWorldInverse.copy(t.matrixWorldInverse),this.projectionMatrix.copy(t.projectionMatrix),this.projectionMatrixInverse.copy(t.projectionMatrixInverse),this.coordinateSystem=t.coordinateSystem,this}getWorldDirection(t){return super.getWorldDirection(t).negate()}updateMatrixWorld(t){super.updateMatrixWorld(t),this.matrixWorld.decompose(Xo,Yo,Yn),Yn.x===1&&Yn.y===1&&Yn.z===1?this.matrixWorldInverse.copy(this.matrixWorld).invert():this.matrixWorldInverse.compose(Xo,Yo,Yn.set(1,1,1)).invert()}updateWorldMatrix(t,e,i=!1){super.updateWorldMatrix(t,e,i),this.matrixWorld.decompose(Xo,Yo,Yn),Yn.x===1&&Yn.y===1&&Yn.z===1?this.matrixWorldInverse.copy(this.matrixWorld).invert():this.matrixWorldInverse.compose(Xo,Yo,Yn.set(1,1,1)).invert()}clone(){return new this.constructor().copy(this)}},Ti=new P,vd=new ut,Sd=new ut,cn=class extends Vr{constructor(t=50,e=1,i=.1,n=2e3){super(),this.isPerspectiveCamera=!0,this.type="PerspectiveCamera",this.fov=t,this.zoom=1,this.near=i,this.far=n,this.focus=10,this.aspect=e,this.view=null,this.filmGauge=35,this.filmOffset=0,this.updateProjectionMatrix()}copy(t,e){return super.copy(t,e),this.fov=t.fov,this.zoom=t.zoom,this.near=t.near,this.far=t.far,this.focus=t.focus,this.aspect=t.aspect,this.view=t.view===null?null:Object.assign({},t.view),this.filmGauge=t.filmGauge,this.filmOffset=t.filmOffset,this}setFocalLength(t){let e=.5*this.getFilmHeight()/t;this.fov=As*2*Math.atan(e),this.updateProjectionMatrix()}getFocalLength(){let t=Math.tan(_r*.5*this.fov);return .5*this.getFilmHeight()/t}getEffectiveFOV(){return As*2*Math.atan(Math.tan(_r*.5*this.fov)/this.zoom)}getFilmWidth(){return this.filmGauge*Math.min(this.aspect,1)}getFilmHeight(){return this.filmGauge/Math.max(this.aspect,1)}getViewBounds(t,e,i){Ti.set(-1,-1,.5).applyMatrix4(this.projectionMatrixInverse),e.set(Ti.x,Ti.y).multiplyScalar(-t/Ti.z),Ti.set(1,1,.5).applyMatrix4(this.projectionMatrixInverse),i.set(Ti.x,Ti.y).multiplyScalar(-t/Ti.z)}getViewSize(t,e){return this.getViewBounds(t,vd,Sd),e.subVectors(Sd,vd)}setViewOffset(t,e,i,n,r,o){this.aspect=t/e,this.view===null&&(this.view={enabled:!0,fullWidth:1,fullHeight:1,offsetX:0,offsetY:0,width:1,height:1}),this.view.enabled=!0,this.view.fullWidth=t,this.view.fullHeight=e,this.view.offsetX=i,this.view.offsetY=n,this.view.width=r,this.view.height=o,this.updateProjectionMatrix()}clearViewOffset(){this.view!==null&&(this.view.enabled=!1),this.updateProjectionMatrix()}updateProjectionMatrix(){let t=this.near,e=t*Math.tan(_r*.5*this.fov)/this.zoom,i=2*e,n=this.aspect*i,r=-.5*n,o=this.view;if(this.view!==null&&this.view.enabled){let l=o.fullWidth,c=o.fullHeight;r+=o.offsetX*n/l,e-=o.offsetY*i/c,n*=o.width/l,i*=o.height/c}let a=this.filmOffset;a!==0&&(r+=t*a/this.getFilmWidth()),this.projectionMatrix.makePerspective(r,r+n,e,e-i,t,this.far,this.coordinateSystem,this.reversedDepth),this.projectionMatrixInverse.copy(this.projectionMatrix).invert()}toJSON(t){let e=super.toJSON(t);return e.object.fov=this.fov,e.object.zoom=this.zoom,e.object.near=this.near,e.object.far=this.far,e.object.focus=this.focus,e.object.aspect=this.aspect,this.view!==null&&(e.object.view=Object.assign({},this.view)),e.object.filmGauge=this.filmGauge,e.object.filmOffset=this.filmOffset,e}},Hr=class extends Vr{constructor(t=-1,e=1,i=1,n=-1,r=.1,o=2e3){super(),this.isOrthographicCamera=!0,this.type="OrthographicCamera",this.zoom=1,this.view=null,this.left=t,this.right=e,this.top=i,this.bottom=n,this.near=r,this.far=o,this.updateProjectionMatrix()}copy(t,e){return super.copy(t,e),this.left=t.left,this.right=t.right,this.top=t.top,this.bottom=t.bottom,this.near=t.near,this.far=t.far,this.zoom=t.zoom,this.view=t.view===null?null:Object.assign({},t.view),this}setViewOffset(t,e,i,n,r,o){this.view===null&&(this.view={enabled:!0,fullWidth:1,fullHeight:1,offsetX:0,offsetY:0,width:1,height:1}),this.view.enabled=!0,this.view.fullWidth=t,this.view.fullHeight=e,this.view.offsetX=i,this.view.offsetY=n,this.view.width=r,this.view.height=o,this.updateProjectionMatrix()}clearViewOffset(){this.view!==null&&(this.view.enabled=!1),this.updateProjectionMatrix()}updateProjectionMatrix(){let t=(this.right-this.left)/(2*this.zoom),e=(this.top-this.bottom)/(2*this.zoom),i=(this.right+this.left)/2,n=(this.top+this.bottom)/2,r=i-t,o=i+t,a=n+e,l=n-e;if(this.view!==null&&this.view.enabled){let c=(this.right-this.left)/this.view.fullWidth/this.zoom,h=(this.top-this.bottom)/this.view.fullHeight/this.zoom;r+=c*this.view.offsetX,o=r+c*this.view.width,a-=h*this.view.offsetY,l=a-h*this.view.height}this.projectionMatrix.makeOrthographic(r,o,a,l,this.near,this.far,this.coordinateSystem,this.reversedDepth),this.projectionMatrixInverse.copy(this.projectionMatrix).invert()}toJSON(t){let e=super.toJSON(t);return e.object.zoom=this.zoom,e.object.left=this.left,e.object.right=this.right,e.object.top=this.top,e.object.bottom=this.bottom,e.object.near=this.near,e.object.far=this.far,this.view!==null&&(e.object.view=Object.assign({},this.view)),e}},Xc=class extends Da{constructor(){super(new Hr(-5,5,5,-5,.5,500)),this.isDirectionalLightShadow=!0}},Gr=class extends Us{constructor(t,e){super(t,e),this.isDirectionalLight=!0,this.type="DirectionalLight",this.position.copy(He.DEFAULT_UP),this.updateMatrix(),this.target=new He,this.shadow=new Xc}dispose(){super.dispose(),this.shadow.dispose()}copy(t){return super.copy(t),this.target=t.target.clone(),this.shadow=t.shadow.clone(),this}toJSON(t){let e=super.toJSON(t);return e.object.shadow=this.shadow.toJSON(),e.object.target=this.target.uuid,e}},Wr=class extends Us{constructor(t,e){super(t,e),this.isAmbientLight=!0,this.type="AmbientLight"}},ys=-90,vs=1,Fs=class extends He{constructor(t,e,i){super(),this.type="CubeCamera",this.renderTarget=i,this.coordinateSystem=null,this.activeMipmapLevel=0;let n=new cn(ys,vs,t,e);n.layers=this.layers,this.add(n);let r=new cn(ys,vs,t,e);r.layers=this.layers,this.add(r);let o=new cn(ys,vs,t,e);o.layers=this.layers,this.add(o);let a=new cn(ys,vs,t,e);a.layers=this.layers,this.add(a);let l=new cn(ys,vs,t,e);l.layers=this.layers,this.add(l);let c=new cn(ys,vs,t,e);c.layers=this.layers,this.add(c)}updateCoordinateSystem(){let t=this.coordinateSystem,e=this.children.concat(),[i,n,r,o,a,l]=e;for(let c of e)this.remove(c);if(t===Pn)i.up.set(0,1,0),i.lookAt(1,0,0),n.up.set(0,1,0),n.lookAt(-1,0,0),r.up.set(0,0,-1),r.lookAt(0,1,0),o.up.set(0,0,1),o.lookAt(0,-1,0),a.up.set(0,1,0),a.lookAt(0,0,1),l.up.set(0,1,0),l.lookAt(0,0,-1);else if(t===Ts)i.up.set(0,-1,0),i.lookAt(-1,0,0),n.up.set(0,-1,0),n.lookAt(1,0,0),r.up.set(0,0,1),r.lookAt(0,1,0),o.up.set(0,0,-1),o.lookAt(0,-1,0),a.up.set(0,-1,0),a.lookAt(0,0,1),l.up.set(0,-1,0),l.lookAt(0,0,-1);else throw new Error("THREE.CubeCamera.updateCoordinateSystem(): Invalid coordinate system: "+t);for(let c of e)this.add(c),c.updateMatrixWorld()}update(t,e){this.parent===null&&this.updateMatrixWorld();let{renderTarget:i,activeMipmapLevel:n}=this;this.coordinateSystem!==t.coordinateSystem&&(this.coordinateSystem=t.coordinateSystem,this.updateCoordinateSystem());let[r,o,a,l,c,h]=this.children,u=t.getRenderTarget(),d=t.getActiveCubeFace(),f=t.getActiveMipmapLevel(),m=t.xr.enabled;t.xr.enabled=!1;let y=i.texture.mipmapsAutoUpdate;i.texture.mipmapsAutoUpdate=!1;let p=!1;t.isWebGLRenderer===!0?p=t.state.buffers.depth.getReversed():p=t.reversedDepthBuffer,t.setRenderTarget(i,0,n),p&&t.autoClear===!1&&t.clearDepth(),t.render(e,r),t.setRenderTarget(i,1,n),p&&t.autoClear===!1&&t.clearDepth(),t.render(e,o),t.setRenderTarget(i,2,n),p&&t.autoClear===!1&&t.clearDepth(),t.render(e,a),t.setRenderTarget(i,3,n),p&&t.autoClear===!1&&t.clearDepth(),t.render(e,l),t.setRenderTarget(i,4,n),p&&t.autoClear===!1&&t.clearDepth(),t.render(e,c),i.texture.mipmapsAutoUpdate=y,t.setRenderTarget(i,5,n),p&&t.autoClear===!1&&t.clearDepth(),t.render(e,h),t.setRenderTarget(u,d,f),t.xr.enabled=m,i.texture.needsPMREMUpdate=!0}},Na=class extends cn{constructor(t=[]){super(),this.isArrayCamera=!0,this.isMultiViewCamera=!1,this.cameras=t,this.perCameraFrustumCulled=!1}},Ch="\\[\\]\\.:\\/",Ng=new RegExp("["+Ch+"]","g"),Rh="[^"+Ch+"]",Ug="[^"+Ch.replace("\\.","")+"]",Fg=/((?:WC+[\/:])*)/.source.replace("WC",Rh),Og=/(WCOD+)?/.source.replace("WCOD",Ug),Bg=/(?:\.(WC+)(?:\[(.+)\])?)?/.source.replace("WC",Rh),kg=/\.(WC+)(?:\[(.+)\])?/.source.replace("WC",Rh),zg=new RegExp("^"+Fg+Og+Bg+kg+"$"),Vg=["material","materials","bones","map"],Yc=class{constructor(t,e,i){let n=i||ye.parseTrackName(e);this._targetGroup=t,this._bindings=t.subscribe_(e,n)}getValue(t,e){this.bind();let i=this._targetGroup.nCachedObjects_,n=this._bindings[i];n!==void 0&&n.getValue(t,e)}setValue(t,e){let i=this._bindings;for(let n=this._targetGroup.nCachedObjects_,r=i.length;n!==r;++n)i[n].setValue(t,e)}bind(){let t=this._bindings;for(let e=this._targetGroup.nCachedObjects_,i=t.length;e!==i;++e)t[e].bind()}unbind(){let t=this._bindings;for(let e=this._targetGroup.nCachedObjects_,i=t.length;e!==i;++e)t[e].unbind()}},ye=class s{constructor(t,e,i){this.path=e,this.parsedPath=i||s.parseTrackName(e),this.node=s.findNode(t,this.parsedPath.nodeName),this.rootNode=t,this.getValue=this._getValue_unbound,this.setValue=this._setValue_unbound}static create(t,e,i){return t&&t.isAnimationObjectGroup?new s.Composite(t,e,i):new s(t,e,i)}static sanitizeNodeName(t){return t.replace(/\s/g,"_").replace(Ng,"")}static parseTrackName(t){let e=zg.exec(t);if(e===null)throw new Error("THREE.PropertyBinding: Cannot parse trackName: "+t);let i={nodeName:e[2],objectName:e[3],objectIndex:e[4],propertyName:e[5],propertyIndex:e[6]},n=i.nodeName&&i.nodeName.lastIndexOf(".");if(n!==void 0&&n!==-1){let r=i.nodeName.substring(n+1);Vg.indexOf(r)!==-1&&(i.nodeName=i.nodeName.substring(0,n),i.objectName=r)}if(i.propertyName===null||i.propertyName.length===0)throw new Error("THREE.PropertyBinding: can not parse propertyName from trackName: "+t);return i}static findNode(t,e){if(e===void 0||e===""||e==="."||e===-1||e===t.name||e===t.uuid)return t;if(t.skeleton){let i=t.skeleton.getBoneByName(e);if(i!==void 0)return i}if(t.children){let i=function(r){for(let o=0;o<r.length;o++){let a=r[o];if(a.name===e||a.uuid===e)return a;let l=i(a.children);if(l)return l}return null},n=i(t.children);if(n)return n}return null}_getValue_unavailable(){}_setValue_unavailable(){}_getValue_direct(t,e){t[e]=this.targetObject[this.propertyName]}_getValue_array(t,e){let i=this.resolvedProperty;for(let n=0,r=i.length;n!==r;++n)t[e++]=i[n]}_getValue_arrayElement(t,e){t[e]=this.resolvedProperty[this.propertyIndex]}_getValue_toArray(t,e){this.resolvedProperty.toArray(t,e)}_setValue_direct(t,e){this.targetObject[this.propertyName]=t[e]}_setValue_direct_setNeedsUpdate(t,e){this.targetObject[this.propertyName]=t[e],this.targetObject.needsUpdate=!0}_setValue_direct_setMatrixWorldNeedsUpdate(t,e){this.targetObject[this.propertyName]=t[e],this.targetObject.matrixWorldNeedsUpdate=!0}_setValue_array(t,e){let i=this.resolvedProperty;for(let n=0,r=i.length;n!==r;++n)i[n]=t[e++]}_setValue_array_setNeedsUpdate(t,e){let i=this.resolvedProperty;for(let n=0,r=i.length;n!==r;++n)i[n]=t[e++];this.targetObject.needsUpdate=!0}_setValue_array_setMatrixWorldNeedsUpdate(t,e){let i=this.resolvedProperty;for(let n=0,r=i.length;n!==r;++n)i[n]=t[e++];this.targetObject.matrixWorldNeedsUpdate=!0}_setValue_arrayElement(t,e){this.resolvedProperty[this.propertyIndex]=t[e]}_setValue_arrayElement_setNeedsUpdate(t,e){this.resolvedProperty[this.propertyIndex]=t[e],this.targetObject.needsUpdate=!0}_setValue_arrayElement_setMatrixWorldNeedsUpdate(t,e){this.resolvedProperty[this.propertyIndex]=t[e],this.targetObject.matrixWorldNeedsUpdate=!0}_setValue_fromArray(t,e){this.resolvedProperty.fromArray(t,e)}_setValue_fromArray_setNeedsUpdate(t,e){this.resolvedProperty.fromArray(t,e),this.targetObject.needsUpdate=!0}_setValue_fromArray_setMatrixWorldNeedsUpdate(t,e){this.resolvedProperty.fromArray(t,e),this.targetObject.matrixWorldNeedsUpdate=!0}_getValue_unbound(t,e){this.bind(),this.getValue(t,e)}_setValue_unbound(t,e){this.bind(),this.setValue(t,e)}bind(){let t=this.node,e=this.parsedPath,i=e.objectName,n=e.propertyName,r=e.propertyIndex;if(t||(t=s.findNode(this.rootNode,e.nodeName),this.node=t),this.getValue=this._getValue_unavailable,this.setValue=this._setValue_unavailable,!t){Nt("PropertyBinding: No target node found for track: "+this.path+".");return}if(i){let c=e.objectIndex;switch(i){case"materials":if(!t.material){Bt("PropertyBinding: Can not bind to material as node does not have a material.",this);return}if(!t.material.materials){Bt("PropertyBinding: Can not bind to material.materials as node.material does not have a materials array.",this);return}t=t.material.materials;break;case"bones":if(!t.skeleton){Bt("PropertyBinding: Can not bind to bones as node does not have a skeleton.",this);return}t=t.skeleton.bones;for(let h=0;h<t.length;h++)if(t[h].name===c){c=h;break}break;case"map":if("map"in t){t=t.map;break}if(!t.material){Bt("PropertyBinding: Can not bind to material as node does not have a material.",this);return}if(!t.material.map){Bt("PropertyBinding: Can not bind to material.map as node.material does not have a map.",this);return}t=t.material.map;break;default:if(t[i]===void 0){Bt("PropertyBinding: Can not bind to objectName of node undefined.",this);return}t=t[i]}if(c!==void 0){if(t[c]===void 0){Bt("PropertyBinding: Trying to bind to objectIndex of objectName, but is undefined.",this,t);return}t=t[c]}}let o=t[n];if(o===void 0){let c=e.nodeName;Bt("PropertyBinding: Trying to update property for track: "+c+"."+n+" but it wasn't found.",t);return}let a=this.Versioning.None;this.targetObject=t,t.isMaterial===!0?a=this.Versioning.NeedsUpdate:t.isObject3D===!0&&(a=this.Versioning.MatrixWorldNeedsUpdate);let l=this.BindingType.Direct;if(r!==void 0){if(n==="morphTargetInfluences"){if(!t.geometry){Bt("PropertyBinding: Can not bind to morphTargetInfluences because node does not have a geometry.",this);return}if(!t.geometry.morphAttributes){Bt("PropertyBinding: Can not bind to morphTargetInfluences because node does not have a geometry.morphAttributes.",this);return}t.morphTargetDictionary[r]!==void 0&&(r=t.morphTargetDictionary[r])}l=this.BindingType.ArrayElement,this.resolvedProperty=o,this.propertyIndex=r}else o.fromArray!==void 0&&o.toArray!==void 0?(l=this.BindingType.HasFromToArray,this.resolvedProperty=o):Array.isArray(o)?(l=this.BindingType.EntireArray,this.resolvedProperty=o):this.propertyName=n;this.getValue=this.GetterByBindingType[l],this.setValue=this.SetterByBindingTypeAndVersioning[l][a]}unbind(){this.node=null,this.getValue=this._getValue_unbound,this.setValue=this._setValue_unbound}};ye.Composite=Yc;ye.prototype.BindingType={Direct:0,EntireArray:1,ArrayElement:2,HasFromToArray:3};ye.prototype.Versioning={None:0,NeedsUpdate:1,MatrixWorldNeedsUpdate:2};ye.prototype.GetterByBindingType=[ye.prototype._getValue_direct,ye.prototype._getValue_array,ye.prototype._getValue_arrayElement,ye.prototype._getValue_toArray];ye.prototype.SetterByBindingTypeAndVersioning=[[ye.prototype._setValue_direct,ye.prototype._setValue_direct_setNeedsUpdate,ye.prototype._setValue_direct_setMatrixWorldNeedsUpdate],[ye.prototype._setValue_array,ye.prototype._setValue_array_setNeedsUpdate,ye.prototype._setValue_array_setMatrixWorldNeedsUpdate],[ye.prototype._setValue_arrayElement,ye.prototype._setValue_arrayElement_setNeedsUpdate,ye.prototype._setValue_arrayElement_setMatrixWorldNeedsUpdate],[ye.prototype._setValue_fromArray,ye.prototype._setValue_fromArray_setNeedsUpdate,ye.prototype._setValue_fromArray_setMatrixWorldNeedsUpdate]];TS=new Float32Array(1),bd=new kt,qr=class{constructor(t,e,i=0,n=1/0){this.ray=new Vn(t,e),this.near=i,this.far=n,this.camera=null,this.layers=new Rs,this.params={Mesh:{},Line:{threshold:1},LOD:{},Points:{threshold:1},Sprite:{}}}set(t,e){this.ray.set(t,e)}setFromCamera(t,e){e.isPerspectiveCamera?(this.ray.origin.setFromMatrixPosition(e.matrixWorld),this.ray.direction.set(t.x,t.y,.5).unproject(e).sub(this.ray.origin).normalize(),this.camera=e):e.isOrthographicCamera?(this.ray.origin.set(t.x,t.y,e.projectionMatrix.elements[14]).unproject(e),this.ray.direction.set(0,0,-1).transformDirection(e.matrixWorld),this.camera=e):Bt("Raycaster: Unsupported camera type: "+e.type)}setFromXRController(t){return bd.identity().extractRotation(t.matrixWorld),this.ray.origin.setFromMatrixPosition(t.matrixWorld),this.ray.direction.set(0,0,-1).applyMatrix4(bd),this}intersectObject(t,e=!0,i=[]){return $c(t,this,i,e),i.sort(Md),i}intersectObjects(t,e=!0,i=[]){for(let n=0,r=t.length;n<r;n++)$c(t[n],this,i,e);return i.sort(Md),i}};Os=class{constructor(t=1,e=0,i=0){this.radius=t,this.phi=e,this.theta=i}set(t,e,i){return this.radius=t,this.phi=e,this.theta=i,this}copy(t){return this.radius=t.radius,this.phi=t.phi,this.theta=t.theta,this}makeSafe(){return this.phi=zt(this.phi,1e-6,Math.PI-1e-6),this}setFromVector3(t){return this.setFromCartesianCoords(t.x,t.y,t.z)}setFromCartesianCoords(t,e,i){return this.radius=Math.sqrt(t*t+e*e+i*i),this.radius===0?(this.theta=0,this.phi=0):(this.theta=Math.atan2(t,i),this.phi=Math.acos(zt(e/this.radius,-1,1))),this}clone(){return new this.constructor().copy(this)}},Zc=class{static{this.prototype.isMatrix2=!0}constructor(t,e,i,n){this.elements=[1,0,0,1],t!==void 0&&this.set(t,e,i,n)}identity(){return this.set(1,0,0,1),this}fromArray(t,e=0){for(let i=0;i<4;i++)this.elements[i]=t[i+e];return this}set(t,e,i,n){let r=this.elements;return r[0]=t,r[2]=e,r[1]=i,r[3]=n,this}},wd=new P,$o=new P,Ss=new P,bs=new P,kc=new P,Hg=new P,Gg=new P,dn=class{constructor(t=new P,e=new P){this.start=t,this.end=e}set(t,e){return this.start.copy(t),this.end.copy(e),this}copy(t){return this.start.copy(t.start),this.end.copy(t.end),this}getCenter(t){return t.addVectors(this.start,this.end).multiplyScalar(.5)}delta(t){return t.subVectors(this.end,this.start)}distanceSq(){return this.start.distanceToSquared(this.end)}distance(){return this.start.distanceTo(this.end)}at(t,e){return this.delta(e).multiplyScalar(t).add(this.start)}closestPointToPointParameter(t,e){wd.subVectors(t,this.start),$o.subVectors(this.end,this.start);let i=$o.dot($o);if(i===0)return 0;let r=$o.dot(wd)/i;return e&&(r=zt(r,0,1)),r}closestPointToPoint(t,e,i){let n=this.closestPointToPointParameter(t,e);return this.delta(i).multiplyScalar(n).add(this.start)}distanceSqToLine3(t,e=Hg,i=Gg){let n=10000000000000001e-32,r,o,a=this.start,l=t.start,c=this.end,h=t.end;Ss.subVectors(c,a),bs.subVectors(h,l),kc.subVectors(a,l);let u=Ss.dot(Ss),d=bs.dot(bs),f=bs.dot(kc);if(u<=n&&d<=n)return e.copy(a),i.copy(l),e.distanceToSquared(i);if(u<=n)r=0,o=f/d,o=zt(o,0,1);else{let m=Ss.dot(kc);if(d<=n)o=0,r=zt(-m/u,0,1);else{let y=Ss.dot(bs),p=u*d-y*y;p!==0?r=zt((y*f-m*d)/p,0,1):r=0,o=(y*r+f)/d,o<0?(o=0,r=zt(-m/u,0,1)):o>1&&(o=1,r=zt((y-m)/u,0,1))}}return e.copy(a).addScaledVector(Ss,r),i.copy(l).addScaledVector(bs,o),e.distanceToSquared(i)}applyMatrix4(t){return this.start.applyMatrix4(t),this.end.applyMatrix4(t),this}equals(t){return t.start.equals(this.start)&&t.end.equals(this.end)}clone(){return new this.constructor().copy(this)}},Xr=class extends zn{constructor(t,e=null){super(),this.object=t,this.domElement=e,this.enabled=!0,this.state=-1,this.keys={},this.mouseButtons={LEFT:null,MIDDLE:null,RIGHT:null},this.touches={ONE:null,TWO:null}}connect(t){this.domElement!==null&&this.disconnect(),this.domElement=t}disconnect(){}dispose(){}update(){}};typeof __THREE_DEVTOOLS__<"u"&&__THREE_DEVTOOLS__.dispatchEvent(new CustomEvent("register",{detail:{revision:"187"}}));typeof window<"u"&&(window.__THREE__?Nt("WARNING: Multiple instances of Three.js being imported."):window.__THREE__="187")});function Ff(){let s=null,t=!1,e=null,i=null;function n(r,o){i=s.requestAnimationFrame(n),e(r,o)}return{start:function(){t!==!0&&e!==null&&s!==null&&(i=s.requestAnimationFrame(n),t=!0)},stop:function(){s!==null&&s.cancelAnimationFrame(i),t=!1},setAnimationLoop:function(r){e=r},setContext:function(r){s=r}}}function qg(s){let t=new WeakMap;function e(a,l){let c=a.array,h=a.usage,u=c.byteLength,d=s.createBuffer();s.bindBuffer(l,d),s.bufferData(l,c,h),a.onUploadCallback();let f;if(c instanceof Float32Array)f=s.FLOAT;else if(typeof Float16Array<"u"&&c instanceof Float16Array)f=s.HALF_FLOAT;else if(c instanceof Uint16Array)a.isFloat16BufferAttribute?f=s.HALF_FLOAT:f=s.UNSIGNED_SHORT;else if(c instanceof Int16Array)f=s.SHORT;else if(c instanceof Uint32Array)f=s.UNSIGNED_INT;else if(c instanceof Int32Array)f=s.INT;else if(c instanceof Int8Array)f=s.BYTE;else if(c instanceof Uint8Array)f=s.UNSIGNED_BYTE;else if(c instanceof Uint8ClampedArray)f=s.UNSIGNED_BYTE;else throw new Error("THREE.WebGLAttributes: Unsupported buffer data format: "+c);return{buffer:d,type:f,bytesPerElement:c.BYTES_PER_ELEMENT,version:a.version,size:u}}function i(a,l,c){let h=l.array,u=l.updateRanges;if(s.bindBuffer(c,a),u.length===0)s.bufferSubData(c,0,h);else{u.sort((f,m)=>f.start-m.start);let d=0;for(let f=1;f<u.length;f++){let m=u[d],y=u[f];y.start<=m.start+m.count+1?m.count=Math.max(m.count,y.start+y.count-m.start):(++d,u[d]=y)}u.length=d+1;for(let f=0,m=u.length;f<m;f++){let y=u[f];s.bufferSubData(c,y.start*h.BYTES_PER_ELEMENT,h,y.start,y.count)}l.clearUpdateRanges()}l.onUploadCallback()}function n(a){return a.isInterleavedBufferAttribute&&(a=a.data),t.get(a)}function r(a){a.isInterleavedBufferAttribute&&(a=a.data);let l=t.get(a);l&&(s.deleteBuffer(l.buffer),t.delete(a))}function o(a,l){if(a.isInterleavedBufferAttribute&&(a=a.data),a.isGLBufferAttribute){let h=t.get(a);(!h||h.version<a.version)&&t.set(a,{buffer:a.buffer,type:a.type,bytesPerElement:a.elementSize,version:a.version});return}let c=t.get(a);if(c===void 0)t.set(a,e(a,l));else if(c.version<a.version){if(c.size!==a.array.byteLength)throw new Error("THREE.WebGLAttributes: The size of the buffer attribute's array buffer does not match the original size. Resizing buffer attributes is not supported.");i(c.buffer,a,l),c.version=a.version}}return{get:n,remove:r,update:o}}function Ex(s,t,e,i,n,r){let o=new qt(0),a=n===!0?0:1,l,c,h=null,u=0,d=null;function f(x){let S=x.isScene===!0?x.background:null;if(S&&S.isTexture){let v=x.backgroundBlurriness>0;S=t.get(S,v)}return S}function m(x){let S=!1,v=f(x);v===null?p(o,a):v&&v.isColor&&(p(v,1),S=!0);let M=s.xr.getEnvironmentBlendMode();M==="additive"?e.buffers.color.setClear(0,0,0,1,r):M==="alpha-blend"&&e.buffers.color.setClear(0,0,0,0,r),(s.autoClear||S)&&(e.buffers.depth.setTest(!0),e.buffers.depth.setMask(!0),e.buffers.color.setMask(!0),s.clear(s.autoClearColor,s.autoClearDepth,s.autoClearStencil))}function y(x,S){let v=f(S);v&&v.isCubeTexture?(c===void 0&&(c=new Ee(new Ds(1,1,1),new Jn({name:"BackgroundCubeMaterial",uniforms:is(Qn.backgroundCube.uniforms),vertexShader:Qn.backgroundCube.vertexShader,fragmentShader:Qn.backgroundCube.fragmentShader,side:Ye,depthTest:!1,depthWrite:!1,fog:!1,allowOverride:!1})),c.geometry.deleteAttribute("normal"),c.geometry.deleteAttribute("uv"),c.onBeforeRender=function(M,w,_){this.matrixWorld.copyPosition(_.matrixWorld)},Object.defineProperty(c.material,"envMap",{get:function(){return this.uniforms.envMap.value}}),i.update(c)),c.material.uniforms.envMap.value=v,c.material.uniforms.backgroundBlurriness.value=S.backgroundBlurriness,c.material.uniforms.backgroundIntensity.value=S.backgroundIntensity,c.material.uniforms.backgroundRotation.value.setFromMatrix4(Tx.makeRotationFromEuler(S.backgroundRotation)).transpose(),v.isRenderTargetTexture===!1&&c.material.uniforms.backgroundRotation.value.premultiply(Of),c.material.toneMapped=Kt.getTransfer(v.colorSpace)!==ce,(h!==v||u!==v.version||d!==s.toneMapping)&&(c.material.needsUpdate=!0,h=v,u=v.version,d=s.toneMapping),c.layers.enableAll(),x.unshift(c,c.geometry,c.material,0,0,null)):v&&v.isTexture&&(l===void 0&&(l=new Ee(new Or(2,2),new Jn({name:"BackgroundMaterial",uniforms:is(Qn.background.uniforms),vertexShader:Qn.background.vertexShader,fragmentShader:Qn.background.fragmentShader,side:Hn,depthTest:!1,depthWrite:!1,fog:!1,allowOverride:!1})),l.geometry.deleteAttribute("normal"),Object.defineProperty(l.material,"map",{get:function(){return this.uniforms.t2D.value}}),i.update(l)),l.material.uniforms.t2D.value=v,l.material.uniforms.backgroundIntensity.value=S.backgroundIntensity,l.material.toneMapped=Kt.getTransfer(v.colorSpace)!==ce,v.matrixAutoUpdate===!0&&v.updateMatrix(),l.material.uniforms.uvTransform.value.copy(v.matrix),(h!==v||u!==v.version||d!==s.toneMapping)&&(l.material.needsUpdate=!0,h=v,u=v.version,d=s.toneMapping),l.layers.enableAll(),x.unshift(l,l.geometry,l.material,0,0,null))}function p(x,S){x.getRGB(Sl,Ah(s)),e.buffers.color.setClear(Sl.r,Sl.g,Sl.b,S,r)}function g(){c!==void 0&&(c.geometry.dispose(),c.material.dispose(),c=void 0),l!==void 0&&(l.geometry.dispose(),l.material.dispose(),l=void 0)}return{getClearColor:function(){return o},setClearColor:function(x,S=1){o.set(x),a=S,p(o,a)},getClearAlpha:function(){return a},setClearAlpha:function(x){a=x,p(o,a)},render:m,addToRenderList:y,dispose:g}}function Ax(s,t){let e=s.getParameter(s.MAX_VERTEX_ATTRIBS),i={},n=d(null),r=n,o=!1;function a(I,R,F,L,k){let z=!1,G=u(I,L,F,R);r!==G&&(r=G,c(r.object)),z=f(I,L,F,k),z&&m(I,L,F,k),k!==null&&t.update(k,s.ELEMENT_ARRAY_BUFFER),(z||o)&&(o=!1,v(I,R,F,L),k!==null&&s.bindBuffer(s.ELEMENT_ARRAY_BUFFER,t.get(k).buffer))}function l(){return s.createVertexArray()}function c(I){return s.bindVertexArray(I)}function h(I){return s.deleteVertexArray(I)}function u(I,R,F,L){let k=L.wireframe===!0,z=i[R.id];z===void 0&&(z={},i[R.id]=z);let G=I.isInstancedMesh===!0?I.id:0,it=z[G];it===void 0&&(it={},z[G]=it);let Y=it[F.id];Y===void 0&&(Y={},it[F.id]=Y);let tt=Y[k];return tt===void 0&&(tt=d(l()),Y[k]=tt),tt}function d(I){let R=[],F=[],L=[];for(let k=0;k<e;k++)R[k]=0,F[k]=0,L[k]=0;return{geometry:null,program:null,wireframe:!1,newAttributes:R,enabledAttributes:F,attributeDivisors:L,object:I,attributes:{},index:null}}function f(I,R,F,L){let k=r.attributes,z=R.attributes,G=0,it=F.getAttributes();for(let Y in it)if(it[Y].location>=0){let nt=k[Y],xt=z[Y];if(xt===void 0&&(Y==="instanceMatrix"&&I.instanceMatrix&&(xt=I.instanceMatrix),Y==="instanceColor"&&I.instanceColor&&(xt=I.instanceColor)),nt===void 0||nt.attribute!==xt||xt&&nt.data!==xt.data)return!0;G++}return r.attributesNum!==G||r.index!==L}function m(I,R,F,L){let k={},z=R.attributes,G=0,it=F.getAttributes();for(let Y in it)if(it[Y].location>=0){let nt=z[Y];nt===void 0&&(Y==="instanceMatrix"&&I.instanceMatrix&&(nt=I.instanceMatrix),Y==="instanceColor"&&I.instanceColor&&(nt=I.instanceColor));let xt={};xt.attribute=nt,nt&&nt.data&&(xt.data=nt.data),k[Y]=xt,G++}r.attributes=k,r.attributesNum=G,r.index=L}function y(){let I=r.newAttributes;for(let R=0,F=I.length;R<F;R++)I[R]=0}function p(I){g(I,0)}function g(I,R){let F=r.newAttributes,L=r.enabledAttributes,k=r.attributeDivisors;F[I]=1,L[I]===0&&(s.enableVertexAttribArray(I),L[I]=1),k[I]!==R&&(s.vertexAttribDivisor(I,R),k[I]=R)}function x(){let I=r.newAttributes,R=r.enabledAttributes;for(let F=0,L=R.length;F<L;F++)R[F]!==I[F]&&(s.disableVertexAttribArray(F),R[F]=0)}function S(I,R,F,L,k,z,G){G===!0?s.vertexAttribIPointer(I,R,F,k,z):s.vertexAttribPointer(I,R,F,L,k,z)}function v(I,R,F,L){y();let k=L.attributes,z=F.getAttributes(),G=R.defaultAttributeValues;for(let it in z){let Y=z[it];if(Y.location>=0){let tt=k[it];if(tt===void 0&&(it==="instanceMatrix"&&I.instanceMatrix&&(tt=I.instanceMatrix),it==="instanceColor"&&I.instanceColor&&(tt=I.instanceColor)),tt!==void 0){let nt=tt.normalized,xt=tt.itemSize,Dt=t.get(tt);if(Dt===void 0)continue;let J=Dt.buffer,at=Dt.type,bt=Dt.bytesPerElement,Rt=at===s.INT||at===s.UNSIGNED_INT||tt.gpuType===ka;if(tt.isInterleavedBufferAttribute){let _t=tt.data,Ft=_t.isInterleavedBuffer===!0?_t.stride:_t.itemSize,xe=tt.offset;if(_t.isInstancedInterleavedBuffer||_t.isInstancedBufferAttribute){for(let Ct=0;Ct<Y.locationSize;Ct++)g(Y.location+Ct,_t.meshPerAttribute);I.isInstancedMesh!==!0&&L._maxInstanceCount===void 0&&(L._maxInstanceCount=_t.meshPerAttribute*_t.count)}else for(let Ct=0;Ct<Y.locationSize;Ct++)p(Y.location+Ct);s.bindBuffer(s.ARRAY_BUFFER,J);for(let Ct=0;Ct<Y.locationSize;Ct++)S(Y.location+Ct,xt/Y.locationSize,at,nt,Ft*bt,(xe+xt/Y.locationSize*Ct)*bt,Rt)}else{if(tt.isInstancedBufferAttribute){for(let _t=0;_t<Y.locationSize;_t++)g(Y.location+_t,tt.meshPerAttribute);I.isInstancedMesh!==!0&&L._maxInstanceCount===void 0&&(L._maxInstanceCount=tt.meshPerAttribute*tt.count)}else for(let _t=0;_t<Y.locationSize;_t++)p(Y.location+_t);s.bindBuffer(s.ARRAY_BUFFER,J);for(let _t=0;_t<Y.locationSize;_t++)S(Y.location+_t,xt/Y.locationSize,at,nt,xt*bt,xt/Y.locationSize*_t*bt,Rt)}}else if(G!==void 0){let nt=G[it];if(nt!==void 0)switch(nt.length){case 2:s.vertexAttrib2fv(Y.location,nt);break;case 3:s.vertexAttrib3fv(Y.location,nt);break;case 4:s.vertexAttrib4fv(Y.location,nt);break;default:s.vertexAttrib1fv(Y.location,nt)}}}}x()}function M(){C();for(let I in i){let R=i[I];for(let F in R){let L=R[F];for(let k in L){let z=L[k];for(let G in z)h(z[G].object),delete z[G];delete L[k]}}delete i[I]}}function w(I){if(i[I.id]===void 0)return;let R=i[I.id];for(let F in R){let L=R[F];for(let k in L){let z=L[k];for(let G in z)h(z[G].object),delete z[G];delete L[k]}}delete i[I.id]}function _(I){for(let R in i){let F=i[R];for(let L in F){let k=F[L];if(k[I.id]===void 0)continue;let z=k[I.id];for(let G in z)h(z[G].object),delete z[G];delete k[I.id]}}}function b(I){for(let R in i){let F=i[R],L=I.isInstancedMesh===!0?I.id:0,k=F[L];if(k!==void 0){for(let z in k){let G=k[z];for(let it in G)h(G[it].object),delete G[it];delete k[z]}delete F[L],Object.keys(F).length===0&&delete i[R]}}}function C(){A(),o=!0,r!==n&&(r=n,c(r.object))}function A(){n.geometry=null,n.program=null,n.wireframe=!1}return{setup:a,reset:C,resetDefaultState:A,dispose:M,releaseStatesOfGeometry:w,releaseStatesOfObject:b,releaseStatesOfProgram:_,initAttributes:y,enableAttribute:p,disableUnusedAttributes:x}}function Cx(s,t,e){let i;function n(l){i=l}function r(l,c){s.drawArrays(i,l,c),e.update(c,i,1)}function o(l,c,h){h!==0&&(s.drawArraysInstanced(i,l,c,h),e.update(c,i,h))}function a(l,c,h){if(h===0)return;t.get("WEBGL_multi_draw").multiDrawArraysWEBGL(i,l,0,c,0,h);let d=0;for(let f=0;f<h;f++)d+=c[f];e.update(d,i,1)}this.setMode=n,this.render=r,this.renderInstances=o,this.renderMultiDraw=a}function Rx(s,t,e,i){let n;function r(){if(n!==void 0)return n;if(t.has("EXT_texture_filter_anisotropic")===!0){let _=t.get("EXT_texture_filter_anisotropic");n=s.getParameter(_.MAX_TEXTURE_MAX_ANISOTROPY_EXT)}else n=0;return n}function o(_){return!(_!==wn&&i.convert(_)!==s.getParameter(s.IMPLEMENTATION_COLOR_READ_FORMAT))}function a(_){let b=_===Gn&&(t.has("EXT_color_buffer_half_float")||t.has("EXT_color_buffer_float"));return!(_!==_n&&_!==Mn&&!b&&i.convert(_)!==s.getParameter(s.IMPLEMENTATION_COLOR_READ_TYPE))}function l(_){if(_==="highp"){if(s.getShaderPrecisionFormat(s.VERTEX_SHADER,s.HIGH_FLOAT).precision>0&&s.getShaderPrecisionFormat(s.FRAGMENT_SHADER,s.HIGH_FLOAT).precision>0)return"highp";_="mediump"}return _==="mediump"&&s.getShaderPrecisionFormat(s.VERTEX_SHADER,s.MEDIUM_FLOAT).precision>0&&s.getShaderPrecisionFormat(s.FRAGMENT_SHADER,s.MEDIUM_FLOAT).precision>0?"mediump":"lowp"}let c=e.precision!==void 0?e.precision:"highp",h=l(c);h!==c&&(Nt("WebGLRenderer:",c,"not supported, using",h,"instead."),c=h);let u=e.reversedDepthBuffer===!0&&t.has("EXT_clip_control"),d=e.logarithmicDepthBuffer===!0&&u===!1;e.reversedDepthBuffer===!0&&u===!1&&Nt("WebGLRenderer: Unable to use reversed depth buffer due to missing EXT_clip_control extension. Fallback to default depth buffer."),e.logarithmicDepthBuffer===!0&&u===!0&&Nt("WebGLRenderer: Logarithmic depth buffer is ignored when reversed depth buffer is enabled.");let f=s.getParameter(s.MAX_TEXTURE_IMAGE_UNITS),m=s.getParameter(s.MAX_VERTEX_TEXTURE_IMAGE_UNITS),y=s.getParameter(s.MAX_TEXTURE_SIZE),p=s.getParameter(s.MAX_CUBE_MAP_TEXTURE_SIZE),g=s.getParameter(s.MAX_VERTEX_ATTRIBS),x=s.getParameter(s.MAX_VERTEX_UNIFORM_VECTORS),S=s.getParameter(s.MAX_VARYING_VECTORS),v=s.getParameter(s.MAX_FRAGMENT_UNIFORM_VECTORS),M=s.getParameter(s.MAX_SAMPLES),w=s.getParameter(s.SAMPLES);return{isWebGL2:!0,getMaxAnisotropy:r,getMaxPrecision:l,textureFormatReadable:o,textureTypeReadable:a,precision:c,logarithmicDepthBuffer:d,reversedDepthBuffer:u,maxTextures:f,maxVertexTextures:m,maxTextureSize:y,maxCubemapSize:p,maxAttributes:g,maxVertexUniforms:x,maxVaryings:S,maxFragmentUniforms:v,maxSamples:M,samples:w}}function Px(s){let t=this,e=null,i=0,n=!1,r=!1,o=new qe,a=new Vt,l={value:null,needsUpdate:!1};this.uniform=l,this.numPlanes=0,this.numIntersection=0,this.init=function(u,d){let f=u.length!==0||d||i!==0||n;return n=d,i=u.length,f},this.beginShadows=function(){r=!0,h(null)},this.endShadows=function(){r=!1},this.setGlobalState=function(u,d){e=h(u,d,0)},this.setState=function(u,d,f){let m=u.clippingPlanes,y=u.clipIntersection,p=u.clipShadows,g=s.get(u);if(!n||m===null||m.length===0||r&&!p)r?h(null):c();else{let x=r?0:i,S=x*4,v=g.clippingState||null;l.value=v,v=h(m,d,S,f);for(let M=0;M!==S;++M)v[M]=e[M];g.clippingState=v,this.numIntersection=y?this.numPlanes:0,this.numPlanes+=x}};function c(){l.value!==e&&(l.value=e,l.needsUpdate=i>0),t.numPlanes=i,t.numIntersection=0}function h(u,d,f,m){let y=u!==null?u.length:0,p=null;if(y!==0){if(p=l.value,m!==!0||p===null){let g=f+y*4,x=d.matrixWorldInverse;a.getNormalMatrix(x),(p===null||p.length<g)&&(p=new Float32Array(g));for(let S=0,v=f;S!==y;++S,v+=4)o.copy(u[S]).applyMatrix4(x,a),o.normal.toArray(p,v),p[v+3]=o.constant}l.value=p,l.needsUpdate=!0}return t.numPlanes=y,t.numIntersection=0,p}}function gf(s,t,e){return new so(s,{minFilter:pi,generateMipmaps:t,type:Gn,colorSpace:br,depthBuffer:e})}function ro(s,t,e){return new Jn({name:s,uniforms:t,vertexShader:$t.cube_vert,fragmentShader:e,side:Ye,blending:Qi,depthTest:!1,depthWrite:!1})}function Fx(){return ro("PMREMGGXConvolution",{envMap:{value:null},roughness:{value:0},lodBias:{value:0}},`

		#define GGX_SAMPLES ${Bf}u

		varying vec3 vWorldDirection;

		uniform samplerCube envMap;
		uniform float roughness;
		uniform float lodBias;

		#include <common>

		// Van der Corput radical inverse
		float radicalInverse_VdC( uint bits ) {

			bits = ( bits << 16u ) | ( bits >> 16u );
			bits = ( ( bits & 0x55555555u ) << 1u ) | ( ( bits & 0xAAAAAAAAu ) >> 1u );
			bits = ( ( bits & 0x33333333u ) << 2u ) | ( ( bits & 0xCCCCCCCCu ) >> 2u );
			bits = ( ( bits & 0x0F0F0F0Fu ) << 4u ) | ( ( bits & 0xF0F0F0F0u ) >> 4u );
			bits = ( ( bits & 0x00FF00FFu ) << 8u ) | ( ( bits & 0xFF00FF00u ) >> 8u );
			return float( bits ) * 2.3283064365386963e-10; // / 0x100000000

		}

		// Hammersley sequence
		vec2 hammersley( uint i, uint N ) {

			return vec2( float( i ) / float( N ), radicalInverse_VdC( i ) );

		}

		void main() {

			vec3 N = normalize( vWorldDirection );

			// For very low roughness, just sample the environment directly
			if ( roughness < 0.001 ) {

				gl_FragColor = vec4( textureLod( envMap, N, 0.0 ).rgb, 1.0 );
				return;

			}

			float alpha = roughness * roughness;
			float alpha2 = alpha * alpha;

			// Tangent space basis for VNDF sampling
			vec3 up = abs( N.z ) < 0.999 ? vec3( 0.0, 0.0, 1.0 ) : vec3( 1.0, 0.0, 0.0 );
			vec3 tangent = normalize( cross( up, N ) );
			vec3 bitangent = cross( N, tangent );

			vec3 prefilteredColor = vec3( 0.0 );
			float totalWeight = 0.0;

			for ( uint i = 0u; i < GGX_SAMPLES; i ++ ) {

				vec2 Xi = hammersley( i, GGX_SAMPLES );

				// With V = N, sample the reflected direction directly.
				float invQ = 1.0 / ( 1.0 - Xi.x + alpha2 * Xi.x );
				float NdotL = ( 1.0 - Xi.x - alpha2 * Xi.x ) * invQ;

				if ( NdotL > 0.0 ) {

					float phi = 2.0 * PI * Xi.y;
					float sinTheta = 2.0 * alpha * sqrt( Xi.x * ( 1.0 - Xi.x ) ) * invQ;
					vec3 L = N * NdotL + ( tangent * cos( phi ) + bitangent * sin( phi ) ) * sinTheta;

					// Match the source mip to the sample's solid angle. The terms
					// independent of the sample are precomputed in lodBias.
					float d = alpha2 * invQ;
					float lod = max( log2( d ) + lodBias, 0.0 );

					// Weight by NdotL for the split-sum approximation
					prefilteredColor += textureLod( envMap, L, lod ).rgb * NdotL;
					totalWeight += NdotL;

				}

			}

			gl_FragColor = vec4( prefilteredColor / totalWeight, 1.0 );

		}
	`)}function Ox(){return ro("PMREMGGXIntegration",{envMap:{value:null},roughness:{value:0},sourceLod:{value:0},sourceSize:{value:kf}},`

		varying vec3 vWorldDirection;

		uniform samplerCube envMap;
		uniform float roughness;
		uniform float sourceLod;
		uniform int sourceSize;

		void main() {

			vec3 N = normalize( vWorldDirection );

			float alpha = roughness * roughness;
			float alpha2 = alpha * alpha;

			float texelSize = 2.0 / float( sourceSize );

			vec3 prefilteredColor = vec3( 0.0 );
			float totalWeight = 0.0;

			// Pair opposite texels: only the one in N's hemisphere contributes.
			for ( int face = 0; face < 3; face ++ ) {

				for ( int y = 0; y < sourceSize; y ++ ) {

					for ( int x = 0; x < sourceSize; x ++ ) {

						vec2 uv = ( vec2( x, y ) + 0.5 ) * texelSize - 1.0;
						vec3 texelDirection = face == 0 ? vec3( 1.0, uv ) : ( face == 1 ? vec3( uv.x, 1.0, uv.y ) : vec3( uv, 1.0 ) );

						float invDistance = inversesqrt( 1.0 + dot( uv, uv ) );
						float NdotL = dot( N, texelDirection );
						texelDirection *= NdotL < 0.0 ? - 1.0 : 1.0;
						NdotL = abs( NdotL ) * invDistance;

						// With V = N, NdotH squared is ( 1 + NdotL ) / 2. Common factors
						// in the GGX distribution and texel solid angle cancel when normalized.
						float d = 1.0 + alpha2 + ( alpha2 - 1.0 ) * NdotL;
						float weight = NdotL * invDistance * invDistance * invDistance / ( d * d );

						prefilteredColor += textureLod( envMap, texelDirection, sourceLod ).rgb * weight;
						totalWeight += weight;

					}

				}

			}

			gl_FragColor = vec4( prefilteredColor / totalWeight, 1.0 );

		}
	`)}function Bx(){return ro("PMREMSphericalGaussianBlur",{envMap:{value:null},sigma:{value:0}},`

		#define SAMPLES ${Lx}
		#define GOLDEN_ANGLE 2.39996322973

		varying vec3 vWorldDirection;

		uniform samplerCube envMap;
		uniform float sigma;

		#include <common>

		void main() {

			vec3 outputDirection = normalize( vWorldDirection );

			vec3 up = abs( outputDirection.z ) < 0.999 ? vec3( 0.0, 0.0, 1.0 ) : vec3( 1.0, 0.0, 0.0 );
			vec3 tangent = normalize( cross( up, outputDirection ) );
			vec3 bitangent = cross( outputDirection, tangent );

			// Truncate the kernel at three standard deviations or at the antipode.
			float thetaMax = min( 3.0 * sigma, PI );
			float truncation = 1.0 - exp( - 0.5 * thetaMax * thetaMax / ( sigma * sigma ) );

			vec3 accumColor = vec3( 0.0 );
			float accumWeight = 0.0;

			for ( int i = 0; i < SAMPLES; i ++ ) {

				// Stratified inverse-CDF sampling of the Gaussian, placed on a golden-angle spiral.
				float stratum = ( float( i ) + 0.5 ) / float( SAMPLES );
				float theta = sigma * sqrt( - 2.0 * log( 1.0 - stratum * truncation ) );
				float phi = float( i ) * GOLDEN_ANGLE;

				vec3 offset = cos( phi ) * tangent + sin( phi ) * bitangent;
				vec3 sampleDirection = cos( theta ) * outputDirection + sin( theta ) * offset;

				// Correct the planar sample density to solid angle.
				float weight = sin( theta ) / theta;

				accumColor += weight * textureLod( envMap, sampleDirection, 0.0 ).rgb;
				accumWeight += weight;

			}

			gl_FragColor = vec4( accumColor / accumWeight, 1.0 );

		}
	`)}function _f(){return ro("PMREMEquirectangularToCubemap",{envMap:{value:null}},`

		varying vec3 vWorldDirection;

		uniform sampler2D envMap;

		#include <common>

		void main() {

			// Average four subpixel samples to preserve small, bright features.
			vec3 direction = normalize( vWorldDirection );
			vec3 dx = dFdx( direction ) * 0.25;
			vec3 dy = dFdy( direction ) * 0.25;

			vec3 color = textureLod( envMap, equirectUv( normalize( direction - dx - dy ) ), 0.0 ).rgb;
			color += textureLod( envMap, equirectUv( normalize( direction + dx - dy ) ), 0.0 ).rgb;
			color += textureLod( envMap, equirectUv( normalize( direction - dx + dy ) ), 0.0 ).rgb;
			color += textureLod( envMap, equirectUv( normalize( direction + dx + dy ) ), 0.0 ).rgb;
			gl_FragColor = vec4( color * 0.25, 1.0 );

		}
	`)}function xf(){return ro("PMREMCubemapToCubemap",{envMap:{value:null},flipEnvMap:{value:-1}},`

		varying vec3 vWorldDirection;

		uniform samplerCube envMap;
		uniform float flipEnvMap;

		void main() {

			gl_FragColor = vec4( textureCube( envMap, vec3( flipEnvMap * vWorldDirection.x, vWorldDirection.yz ) ).rgb, 1.0 );

		}
	`)}function kx(s){let t=new WeakMap,e=new WeakMap,i=null;function n(d,f=!1){return d==null?null:f?o(d):r(d)}function r(d){if(d&&d.isTexture){let f=d.mapping;if(f===Fa||f===Oa)if(t.has(d)){let m=t.get(d).texture;return a(m,d.mapping)}else{let m=d.image;if(m&&m.height>0){let y=new so(m.height);return y.fromEquirectangularTexture(s,d),t.set(d,y),d.addEventListener("dispose",c),a(y.texture,d.mapping)}else return null}}return d}function o(d){if(d&&d.isTexture&&d.isPMREMTexture!==!0){let f=d.mapping,m=f===Fa||f===Oa,y=f===es||f===zs;if(m||y){let p=e.get(d),g=p!==void 0?p.texture.pmremVersion:0;if(d.isRenderTargetTexture&&d.pmremVersion!==g)return i===null&&(i=new Ml(s)),p=m?i.fromEquirectangular(d,p):i.fromCubemap(d,p),p.texture.pmremVersion=d.pmremVersion,e.set(d,p),p.texture;if(p!==void 0)return p.texture;{let x=d.image;return m&&x&&x.height>0||y&&x&&l(x)?(i===null&&(i=new Ml(s)),p=m?i.fromEquirectangular(d):i.fromCubemap(d),p.texture.pmremVersion=d.pmremVersion,e.set(d,p),d.addEventListener("dispose",h),p.texture):null}}}return d}function a(d,f){return f===Fa?d.mapping=es:f===Oa&&(d.mapping=zs),d}function l(d){let f=0,m=6;for(let y=0;y<m;y++)d[y]!==void 0&&f++;return f===m}function c(d){let f=d.target;f.removeEventListener("dispose",c);let m=t.get(f);m!==void 0&&(t.delete(f),m.dispose())}function h(d){let f=d.target;f.removeEventListener("dispose",h);let m=e.get(f);m!==void 0&&(e.delete(f),m.dispose())}function u(){t=new WeakMap,e=new WeakMap,i!==null&&(i.dispose(),i=null)}return{get:n,dispose:u}}function zx(s){let t={};function e(i){if(t[i]!==void 0)return t[i];let n=s.getExtension(i);return t[i]=n,n}return{has:function(i){return e(i)!==null},init:function(){e("EXT_color_buffer_float"),e("WEBGL_clip_cull_distance"),e("OES_texture_float_linear"),e("EXT_color_buffer_half_float"),e("WEBGL_multisampled_render_to_texture"),e("WEBGL_render_shared_exponent")},get:function(i){let n=e(i);return n===null&&gr("WebGLRenderer: "+i+" extension not supported."),n}}}function Vx(s,t,e,i){let n={},r=new WeakMap,o=new FinalizationRegistry(m=>delete n[m]);function a(m){l(m.target)}function l(m){m.index!==null&&t.remove(m.index);for(let p in m.attributes)t.remove(m.attributes[p]);m.removeEventListener("dispose",a),delete n[m.id],o.unregister(m);let y=r.get(m);y&&(t.remove(y),r.delete(m)),i.releaseStatesOfGeometry(m),m.isInstancedBufferGeometry===!0&&delete m._maxInstanceCount,e.memory.geometries--}function c(m,y){return n[y.id]!==void 0||(y.addEventListener("dispose",a),n[y.id]=new WeakRef(y),o.register(y,y.id,y),e.memory.geometries++),y}function h(m){let y=m.attributes;for(let p in y)t.update(y[p],s.ARRAY_BUFFER)}function u(m){let y=m.index,p=m.attributes.position,g=0;if(p===void 0)return;let x=y!==null?y.array.length:p.array.length/3-1,S=p.count>=65535?Cr:Ar,v=new S(Math.ceil(x/3)*6,1),M=v.array;if(y!==null){let _=y.array;g=y.version;for(let b=0,C=0;b<x;b+=3){let A=_[b+0],I=_[b+1],R=_[b+2];M[C++]=A,M[C++]=I,M[C++]=I,M[C++]=R,M[C++]=R,M[C++]=A}}else{g=p.version;for(let _=0,b=0;_<x;_+=3){let C=_+0,A=_+1,I=_+2;M[b++]=C,M[b++]=A,M[b++]=A,M[b++]=I,M[b++]=I,M[b++]=C}}v.version=g;let w=r.get(m);w&&t.remove(w),r.set(m,v)}function d(m){let y=r.get(m);if(y){let p=m.index;p!==null&&y.version<p.version&&u(m)}else u(m);return r.get(m)}function f(){for(let m in n){let y=n[m].deref();y!==void 0&&l(y)}}return{get:c,update:h,getWireframeAttribute:d,dispose:f}}function Hx(s,t,e){let i;function n(u){i=u}let r,o;function a(u){r=u.type,o=u.bytesPerElement}function l(u,d){s.drawElements(i,d,r,u*o),e.update(d,i,1)}function c(u,d,f){f!==0&&(s.drawElementsInstanced(i,d,r,u*o,f),e.update(d,i,f))}function h(u,d,f){if(f===0)return;t.get("WEBGL_multi_draw").multiDrawElementsWEBGL(i,d,0,r,u,0,f);let y=0;for(let p=0;p<f;p++)y+=d[p];e.update(y,i,1)}this.setMode=n,this.setIndex=a,this.render=l,this.renderInstances=c,this.renderMultiDraw=h}function Gx(s){let t={geometries:0,textures:0},e={frame:0,calls:0,triangles:0,points:0,lines:0};function i(r,o,a){switch(e.calls++,o){case s.TRIANGLES:e.triangles+=a*(r/3);break;case s.LINES:e.lines+=a*(r/2);break;case s.LINE_STRIP:e.lines+=a*(r-1);break;case s.LINE_LOOP:e.lines+=a*r;break;case s.POINTS:e.points+=a*r;break;default:Bt("WebGLInfo: Unknown draw mode:",o);break}}function n(){e.calls=0,e.triangles=0,e.points=0,e.lines=0}return{memory:t,render:e,programs:null,autoReset:!0,reset:n,update:i}}function Wx(s,t,e){let i=new WeakMap,n=new ve;function r(o,a,l){let c=o.morphTargetInfluences,h=a.morphAttributes.position||a.morphAttributes.normal||a.morphAttributes.color,u=h!==void 0?h.length:0,d=i.get(a);if(d===void 0||d.count!==u){let C=function(){_.dispose(),i.delete(a),a.removeEventListener("dispose",C)};d!==void 0&&d.texture.dispose();let f=a.morphAttributes.position!==void 0,m=a.morphAttributes.normal!==void 0,y=a.morphAttributes.color!==void 0,p=a.morphAttributes.position||[],g=a.morphAttributes.normal||[],x=a.morphAttributes.color||[],S=0;f===!0&&(S=1),m===!0&&(S=2),y===!0&&(S=3);let v=a.attributes.position.count*S,M=1;v>t.maxTextureSize&&(M=Math.ceil(v/t.maxTextureSize),v=t.maxTextureSize);let w=new Float32Array(v*M*4*u),_=new Tr(w,v,M,u);_.type=Mn,_.needsUpdate=!0;let b=S*4;for(let A=0;A<u;A++){let I=p[A],R=g[A],F=x[A],L=v*M*4*A;for(let k=0;k<I.count;k++){let z=k*b;f===!0&&(n.fromBufferAttribute(I,k),w[L+z+0]=n.x,w[L+z+1]=n.y,w[L+z+2]=n.z,w[L+z+3]=0),m===!0&&(n.fromBufferAttribute(R,k),w[L+z+4]=n.x,w[L+z+5]=n.y,w[L+z+6]=n.z,w[L+z+7]=0),y===!0&&(n.fromBufferAttribute(F,k),w[L+z+8]=n.x,w[L+z+9]=n.y,w[L+z+10]=n.z,w[L+z+11]=F.itemSize===4?n.w:1)}}d={count:u,texture:_,size:new ut(v,M)},i.set(a,d),a.addEventListener("dispose",C)}if(o.isInstancedMesh===!0&&o.morphTexture!==null)l.getUniforms().setValue(s,"morphTexture",o.morphTexture,e);else{let f=0;for(let y=0;y<c.length;y++)f+=c[y];let m=a.morphTargetsRelative?1:1-f;l.getUniforms().setValue(s,"morphTargetBaseInfluence",m),l.getUniforms().setValue(s,"morphTargetInfluences",c)}l.getUniforms().setValue(s,"morphTargetsTexture",d.texture,e),l.getUniforms().setValue(s,"morphTargetsTextureSize",d.size)}return{update:r}}function qx(s,t,e,i,n){let r=new WeakMap;function o(c){let h=n.render.frame,u=c.geometry,d=t.get(c,u);if(r.get(d)!==h&&(t.update(d),r.set(d,h)),c.isInstancedMesh&&(c.hasEventListener("dispose",l)===!1&&c.addEventListener("dispose",l),r.get(c)!==h&&(e.update(c.instanceMatrix,s.ARRAY_BUFFER),c.instanceColor!==null&&e.update(c.instanceColor,s.ARRAY_BUFFER),r.set(c,h))),c.isSkinnedMesh){let f=c.skeleton;r.get(f)!==h&&(f.update(),r.set(f,h))}return d}function a(){r=new WeakMap}function l(c){let h=c.target;h.removeEventListener("dispose",l),i.releaseStatesOfObject(h),e.remove(h.instanceMatrix),h.instanceColor!==null&&e.remove(h.instanceColor)}return{update:o,dispose:a}}function Yx(s,t,e,i,n,r){let o=new Tn(t,e,{type:s,depthBuffer:n,stencilBuffer:r,samples:i?4:0,storeMultisampledDepthBuffer:!1,storeMultisampledStencilBuffer:!1,resolveDepthBuffer:!1,resolveStencilBuffer:!1}),a=null,l=null,c=null,h=new Te;h.setAttribute("position",new Ne([-1,3,0,-1,-1,0,3,-1,0],3)),h.setAttribute("uv",new Ne([0,2,0,0,2,0],2));let u=new va({uniforms:{tDiffuse:{value:null}},vertexShader:`
			precision highp float;

			uniform mat4 modelViewMatrix;
			uniform mat4 projectionMatrix;

			attribute vec3 position;
			attribute vec2 uv;

			varying vec2 vUv;

			void main() {
				vUv = uv;
				gl_Position = projectionMatrix * modelViewMatrix * vec4( position, 1.0 );
			}`,fragmentShader:`
			precision highp float;

			uniform sampler2D tDiffuse;

			varying vec2 vUv;

			#include <tonemapping_pars_fragment>
			#include <colorspace_pars_fragment>

			void main() {
				gl_FragColor = texture2D( tDiffuse, vUv );

				#ifdef LINEAR_TONE_MAPPING
					gl_FragColor.rgb = LinearToneMapping( gl_FragColor.rgb );
				#elif defined( REINHARD_TONE_MAPPING )
					gl_FragColor.rgb = ReinhardToneMapping( gl_FragColor.rgb );
				#elif defined( CINEON_TONE_MAPPING )
					gl_FragColor.rgb = CineonToneMapping( gl_FragColor.rgb );
				#elif defined( ACES_FILMIC_TONE_MAPPING )
					gl_FragColor.rgb = ACESFilmicToneMapping( gl_FragColor.rgb );
				#elif defined( AGX_TONE_MAPPING )
					gl_FragColor.rgb = AgXToneMapping( gl_FragColor.rgb );
				#elif defined( NEUTRAL_TONE_MAPPING )
					gl_FragColor.rgb = NeutralToneMapping( gl_FragColor.rgb );
				#elif defined( CUSTOM_TONE_MAPPING )
					gl_FragColor.rgb = CustomToneMapping( gl_FragColor.rgb );
				#endif

				#ifdef SRGB_TRANSFER
					gl_FragColor = sRGBTransferOETF( gl_FragColor );
				#endif
			}`,depthTest:!1,depthWrite:!1}),d=new Ee(h,u),f=new Hr(-1,1,1,-1,0,1),m=null,y=null,p=!1,g,x=null,S=[],v=!1;this.setSize=function(M,w){o.setSize(M,w),a!==null&&a.setSize(M,w),l!==null&&l.setSize(M,w);for(let _=0;_<S.length;_++){let b=S[_];b.setSize&&b.setSize(M,w)}},this.setEffects=function(M){S=M,v=S.length>0&&S[0].isRenderPass===!0;let w=o.width,_=o.height;S.length>0&&a===null&&(a=new Tn(w,_,{type:Gn,depthBuffer:!1,stencilBuffer:!1}),l=new Tn(w,_,{type:Gn,depthBuffer:!1,stencilBuffer:!1}));let b=n===!0&&S.some(C=>C.needsDepthTexture===!0);b!==(o.depthTexture!==null)&&(b===!0&&c===null&&(c=new fi(w,_),r===!0&&(c.format=mi,c.type=ns)),o.dispose(),o.depthTexture=b?c:null,o.resolveDepthBuffer=b,o.storeMultisampledDepthBuffer=b);for(let C=0;C<S.length;C++){let A=S[C];A.setSize&&A.setSize(w,_),b&&A.needsDepthTexture===!0&&A.setDepthTexture&&A.setDepthTexture(c)}},this.begin=function(M,w){if(p||M.toneMapping===Kn&&S.length===0)return!1;if(x=w,w!==null){let _=w.width,b=w.height;(o.width!==_||o.height!==b)&&this.setSize(_,b)}return v===!1&&M.setRenderTarget(o),g=M.toneMapping,M.toneMapping=Kn,!0},this.hasRenderPass=function(){return v},this.end=function(M,w){M.toneMapping=g,p=!0;let _=o,b=a;for(let C=0;C<S.length;C++){let A=S[C];A.enabled!==!1&&(A.render(M,b,_,w),A.needsSwap!==!1&&(_=b,b=b===a?l:a))}if(m!==M.outputColorSpace||y!==M.toneMapping){m=M.outputColorSpace,y=M.toneMapping,u.defines={},Kt.getTransfer(m)===ce&&(u.defines.SRGB_TRANSFER="");let C=Xx[y];C&&(u.defines[C]=""),u.needsUpdate=!0}u.uniforms.tDiffuse.value=_.texture,M.setRenderTarget(x),M.render(d,f),x=null,p=!1},this.isCompositing=function(){return p},this.dispose=function(){o.dispose(),a!==null&&a.dispose(),l!==null&&l.dispose(),h.dispose(),u.dispose()}}function Ws(s,t,e){let i=s[0];if(i<=0||i>0)return s;let n=t*e,r=yf[n];if(r===void 0&&(r=new Float32Array(n),yf[n]=r),t!==0){i.toArray(r,0);for(let o=1,a=0;o!==t;++o)a+=e,s[o].toArray(r,a)}return r}function Ue(s,t){if(s.length!==t.length)return!1;for(let e=0,i=s.length;e<i;e++)if(s[e]!==t[e])return!1;return!0}function Fe(s,t){for(let e=0,i=t.length;e<i;e++)s[e]=t[e]}function Tl(s,t){let e=vf[t];e===void 0&&(e=new Int32Array(t),vf[t]=e);for(let i=0;i!==t;++i)e[i]=s.allocateTextureUnit();return e}function $x(s,t){let e=this.cache;e[0]!==t&&(s.uniform1f(this.addr,t),e[0]=t)}function Zx(s,t){let e=this.cache;if(t.x!==void 0)(e[0]!==t.x||e[1]!==t.y)&&(s.uniform2f(this.addr,t.x,t.y),e[0]=t.x,e[1]=t.y);else{if(Ue(e,t))return;s.uniform2fv(this.addr,t),Fe(e,t)}}function Jx(s,t){let e=this.cache;if(t.x!==void 0)(e[0]!==t.x||e[1]!==t.y||e[2]!==t.z)&&(s.uniform3f(this.addr,t.x,t.y,t.z),e[0]=t.x,e[1]=t.y,e[2]=t.z);else if(t.r!==void 0)(e[0]!==t.r||e[1]!==t.g||e[2]!==t.b)&&(s.uniform3f(this.addr,t.r,t.g,t.b),e[0]=t.r,e[1]=t.g,e[2]=t.b);else{if(Ue(e,t))return;s.uniform3fv(this.addr,t),Fe(e,t)}}function Kx(s,t){let e=this.cache;if(t.x!==void 0)(e[0]!==t.x||e[1]!==t.y||e[2]!==t.z||e[3]!==t.w)&&(s.uniform4f(this.addr,t.x,t.y,t.z,t.w),e[0]=t.x,e[1]=t.y,e[2]=t.z,e[3]=t.w);else{if(Ue(e,t))return;s.uniform4fv(this.addr,t),Fe(e,t)}}function jx(s,t){let e=this.cache,i=t.elements;if(i===void 0){if(Ue(e,t))return;s.uniformMatrix2fv(this.addr,!1,t),Fe(e,t)}else{if(Ue(e,i))return;Mf.set(i),s.uniformMatrix2fv(this.addr,!1,Mf),Fe(e,i)}}function Qx(s,t){let e=this.cache,i=t.elements;if(i===void 0){if(Ue(e,t))return;s.uniformMatrix3fv(this.addr,!1,t),Fe(e,t)}else{if(Ue(e,i))return;bf.set(i),s.uniformMatrix3fv(this.addr,!1,bf),Fe(e,i)}}function ty(s,t){let e=this.cache,i=t.elements;if(i===void 0){if(Ue(e,t))return;s.uniformMatrix4fv(this.addr,!1,t),Fe(e,t)}else{if(Ue(e,i))return;Sf.set(i),s.uniformMatrix4fv(this.addr,!1,Sf),Fe(e,i)}}function ey(s,t){let e=this.cache;e[0]!==t&&(s.uniform1i(this.addr,t),e[0]=t)}function ny(s,t){let e=this.cache;if(t.x!==void 0)(e[0]!==t.x||e[1]!==t.y)&&(s.uniform2i(this.addr,t.x,t.y),e[0]=t.x,e[1]=t.y);else{if(Ue(e,t))return;s.uniform2iv(this.addr,t),Fe(e,t)}}function iy(s,t){let e=this.cache;if(t.x!==void 0)(e[0]!==t.x||e[1]!==t.y||e[2]!==t.z)&&(s.uniform3i(this.addr,t.x,t.y,t.z),e[0]=t.x,e[1]=t.y,e[2]=t.z);else{if(Ue(e,t))return;s.uniform3iv(this.addr,t),Fe(e,t)}}function sy(s,t){let e=this.cache;if(t.x!==void 0)(e[0]!==t.x||e[1]!==t.y||e[2]!==t.z||e[3]!==t.w)&&(s.uniform4i(this.addr,t.x,t.y,t.z,t.w),e[0]=t.x,e[1]=t.y,e[2]=t.z,e[3]=t.w);else{if(Ue(e,t))return;s.uniform4iv(this.addr,t),Fe(e,t)}}function ry(s,t){let e=this.cache;e[0]!==t&&(s.uniform1ui(this.addr,t),e[0]=t)}function oy(s,t){let e=this.cache;if(t.x!==void 0)(e[0]!==t.x||e[1]!==t.y)&&(s.uniform2ui(this.addr,t.x,t.y),e[0]=t.x,e[1]=t.y);else{if(Ue(e,t))return;s.uniform2uiv(this.addr,t),Fe(e,t)}}function ay(s,t){let e=this.cache;if(t.x!==void 0)(e[0]!==t.x||e[1]!==t.y||e[2]!==t.z)&&(s.uniform3ui(this.addr,t.x,t.y,t.z),e[0]=t.x,e[1]=t.y,e[2]=t.z);else{if(Ue(e,t))return;s.uniform3uiv(this.addr,t),Fe(e,t)}}function ly(s,t){let e=this.cache;if(t.x!==void 0)(e[0]!==t.x||e[1]!==t.y||e[2]!==t.z||e[3]!==t.w)&&(s.uniform4ui(this.addr,t.x,t.y,t.z,t.w),e[0]=t.x,e[1]=t.y,e[2]=t.z,e[3]=t.w);else{if(Ue(e,t))return;s.uniform4uiv(this.addr,t),Fe(e,t)}}function El(s){return s.version===0&&(s.compareFunction=yh,s.needsUpdate=!0),s}function cy(s,t,e){let i=this.cache,n=e.allocateTextureUnit();i[0]!==n&&(s.uniform1i(this.addr,n),i[0]=n);let r;this.type===s.SAMPLER_2D_SHADOW?r=El(Vf):r=zf,e.setTexture2D(t||r,n)}function hy(s,t,e){let i=this.cache,n=e.allocateTextureUnit();i[0]!==n&&(s.uniform1i(this.addr,n),i[0]=n),e.setTexture3D(t||Wf,n)}function uy(s,t,e){let i=this.cache,n=e.allocateTextureUnit();i[0]!==n&&(s.uniform1i(this.addr,n),i[0]=n);let r;this.type===s.SAMPLER_CUBE_SHADOW?r=El(Hf):r=qf,e.setTextureCube(t||r,n)}function dy(s,t,e){let i=this.cache,n=e.allocateTextureUnit();i[0]!==n&&(s.uniform1i(this.addr,n),i[0]=n),e.setTexture2DArray(t||Gf,n)}function fy(s){switch(s){case 5126:return $x;case 35664:return Zx;case 35665:return Jx;case 35666:return Kx;case 35674:return jx;case 35675:return Qx;case 35676:return ty;case 5124:case 35670:return ey;case 35667:case 35671:return ny;case 35668:case 35672:return iy;case 35669:case 35673:return sy;case 5125:return ry;case 36294:return oy;case 36295:return ay;case 36296:return ly;case 35678:case 36198:case 36298:case 36306:case 35682:return cy;case 35679:case 36299:case 36307:return hy;case 35680:case 36300:case 36308:case 36293:return uy;case 36289:case 36303:case 36311:case 36292:return dy}}function py(s,t){s.uniform1fv(this.addr,t)}function my(s,t){let e=Ws(t,this.size,2);s.uniform2fv(this.addr,e)}function gy(s,t){let e=Ws(t,this.size,3);s.uniform3fv(this.addr,e)}function _y(s,t){let e=Ws(t,this.size,4);s.uniform4fv(this.addr,e)}function xy(s,t){let e=Ws(t,this.size,4);s.uniformMatrix2fv(this.addr,!1,e)}function yy(s,t){let e=Ws(t,this.size,9);s.uniformMatrix3fv(this.addr,!1,e)}function vy(s,t){let e=Ws(t,this.size,16);s.uniformMatrix4fv(this.addr,!1,e)}function Sy(s,t){s.uniform1iv(this.addr,t)}function by(s,t){s.uniform2iv(this.addr,t)}function My(s,t){s.uniform3iv(this.addr,t)}function wy(s,t){s.uniform4iv(this.addr,t)}function Ty(s,t){s.uniform1uiv(this.addr,t)}function Ey(s,t){s.uniform2uiv(this.addr,t)}function Ay(s,t){s.uniform3uiv(this.addr,t)}function Cy(s,t){s.uniform4uiv(this.addr,t)}function Ry(s,t,e){let i=this.cache,n=t.length,r=Tl(e,n);Ue(i,r)||(s.uniform1iv(this.addr,r),Fe(i,r));let o;this.type===s.SAMPLER_2D_SHADOW?o=El(Vf):o=zf;for(let a=0;a!==n;++a)e.setTexture2D(t[a]||o,r[a])}function Py(s,t,e){let i=this.cache,n=t.length,r=Tl(e,n);Ue(i,r)||(s.uniform1iv(this.addr,r),Fe(i,r));for(let o=0;o!==n;++o)e.setTexture3D(t[o]||Wf,r[o])}function Iy(s,t,e){let i=this.cache,n=t.length,r=Tl(e,n);Ue(i,r)||(s.uniform1iv(this.addr,r),Fe(i,r));let o;this.type===s.SAMPLER_CUBE_SHADOW?o=El(Hf):o=qf;for(let a=0;a!==n;++a)e.setTextureCube(t[a]||o,r[a])}function Ly(s,t,e){let i=this.cache,n=t.length,r=Tl(e,n);Ue(i,r)||(s.uniform1iv(this.addr,r),Fe(i,r));for(let o=0;o!==n;++o)e.setTexture2DArray(t[o]||Gf,r[o])}function Dy(s){switch(s){case 5126:return py;case 35664:return my;case 35665:return gy;case 35666:return _y;case 35674:return xy;case 35675:return yy;case 35676:return vy;case 5124:case 35670:return Sy;case 35667:case 35671:return by;case 35668:case 35672:return My;case 35669:case 35673:return wy;case 5125:return Ty;case 36294:return Ey;case 36295:return Ay;case 36296:return Cy;case 35678:case 36198:case 36298:case 36306:case 35682:return Ry;case 35679:case 36299:case 36307:return Py;case 35680:case 36300:case 36308:case 36293:return Iy;case 36289:case 36303:case 36311:case 36292:return Ly}}function wf(s,t){s.seq.push(t),s.map[t.id]=t}function Ny(s,t,e){let i=s.name,n=i.length;for(Lh.lastIndex=0;;){let r=Lh.exec(i),o=Lh.lastIndex,a=r[1],l=r[2]==="]",c=r[3];if(l&&(a=a|0),c===void 0||c==="["&&o+2===n){wf(e,c===void 0?new Nh(a,s,t):new Uh(a,s,t));break}else{let u=e.map[a];u===void 0&&(u=new Fh(a),wf(e,u)),e=u}}}function Tf(s,t,e){let i=s.createShader(t);return s.shaderSource(i,e),s.compileShader(i),i}function Oy(s,t){let e=s.split(`
`),i=[],n=Math.max(t-6,0),r=Math.min(t+6,e.length);for(let o=n;o<r;o++){let a=o+1;i.push(`${a===t?">":" "} ${a}: ${e[o]}`)}return i.join(`
`)}function By(s){Kt._getMatrix(Ef,Kt.workingColorSpace,s);let t=`mat3( ${Ef.elements.map(e=>e.toFixed(4))} )`;switch(Kt.getTransfer(s)){case Mr:return[t,"LinearTransferOETF"];case ce:return[t,"sRGBTransferOETF"];default:return Nt("WebGLProgram: Unsupported color space: ",s),[t,"LinearTransferOETF"]}}function Af(s,t,e){let i=s.getShaderParameter(t,s.COMPILE_STATUS),r=(s.getShaderInfoLog(t)||"").trim();if(i&&r==="")return"";let o=/ERROR: 0:(\d+)/.exec(r);if(o){let a=parseInt(o[1]);return e.toUpperCase()+`

`+r+`

`+Oy(s.getShaderSource(t),a)}else return r}function ky(s,t){let e=By(t);return[`vec4 ${s}( vec4 value ) {`,`	return ${e[1]}( vec4( ${e[0]} * value.rgb, value.a ) );`,"}"].join(`
`)}function Vy(s,t){let e=zy[t];return e===void 0?(Nt("WebGLProgram: Unsupported toneMapping:",t),"vec3 "+s+"( vec3 color ) { return LinearToneMapping( color ); }"):"vec3 "+s+"( vec3 color ) { return "+e+"ToneMapping( color ); }"}function Hy(){Kt.getLuminanceCoefficients(bl);let s=bl.x.toFixed(4),t=bl.y.toFixed(4),e=bl.z.toFixed(4);return["float luminance( const in vec3 rgb ) {",`	const vec3 weights = vec3( ${s}, ${t}, ${e} );`,"	return dot( weights, rgb );","}"].join(`
`)}function Gy(s){return[s.extensionClipCullDistance?"#extension GL_ANGLE_clip_cull_distance : require":"",s.extensionMultiDraw?"#extension GL_ANGLE_multi_draw : require":""].filter(io).join(`
`)}function Wy(s){let t=[];for(let e in s){let i=s[e];i!==!1&&t.push("#define "+e+" "+i)}return t.join(`
`)}function qy(s,t){let e={},i=s.getProgramParameter(t,s.ACTIVE_ATTRIBUTES);for(let n=0;n<i;n++){let r=s.getActiveAttrib(t,n),o=r.name,a=1;r.type===s.FLOAT_MAT2&&(a=2),r.type===s.FLOAT_MAT3&&(a=3),r.type===s.FLOAT_MAT4&&(a=4),e[o]={type:r.type,location:s.getAttribLocation(t,o),locationSize:a}}return e}function io(s){return s!==""}function Cf(s,t){let e=t.numSpotLightShadows+t.numSpotLightMaps-t.numSpotLightShadowsWithMaps;return s.replace(/NUM_SUN_LIGHTS/g,t.numSunLights).replace(/NUM_DIR_LIGHTS/g,t.numDirLights).replace(/NUM_SPOT_LIGHTS/g,t.numSpotLights).replace(/NUM_SPOT_LIGHT_MAPS/g,t.numSpotLightMaps).replace(/NUM_SPOT_LIGHT_COORDS/g,e).replace(/NUM_RECT_AREA_LIGHTS/g,t.numRectAreaLights).replace(/NUM_POINT_LIGHTS/g,t.numPointLights).replace(/NUM_HEMI_LIGHTS/g,t.numHemiLights).replace(/NUM_SUN_LIGHT_SHADOWS/g,t.numSunLightShadows).replace(/NUM_DIR_LIGHT_SHADOWS/g,t.numDirLightShadows).replace(/NUM_SPOT_LIGHT_SHADOWS_WITH_MAPS/g,t.numSpotLightShadowsWithMaps).replace(/NUM_SPOT_LIGHT_SHADOWS/g,t.numSpotLightShadows).replace(/NUM_POINT_LIGHT_SHADOWS/g,t.numPointLightShadows).replace(/NUM_LIGHT_PROBE_GRIDS/g,t.numLightProbeGrids)}function Rf(s,t){return s.replace(/NUM_CLIPPING_PLANES/g,t.numClippingPlanes).replace(/UNION_CLIPPING_PLANES/g,t.numClippingPlanes-t.numClipIntersection)}function Oh(s){return s.replace(Xy,Yy)}function Yy(s,t){let e=$t[t];if(e===void 0)throw new Error("THREE.WebGLProgram: Can not resolve #include <"+t+">");return Oh(e)}function Pf(s){return s.replace($y,Zy)}function Zy(s,t,e,i){let n="";for(let r=parseInt(t);r<parseInt(e);r++)n+=i.replace(/\[\s*i\s*\]/g,"[ "+r+" ]").replace(/UNROLLED_LOOP_INDEX/g,r);return n}function If(s){let t=`precision ${s.precision} float;
	precision ${s.precision} int;
	precision ${s.precision} sampler2D;
	precision ${s.precision} samplerCube;
	precision ${s.precision} sampler3D;
	precision ${s.precision} sampler2DArray;
	precision ${s.precision} sampler2DShadow;
	precision ${s.precision} samplerCubeShadow;
	precision ${s.precision} sampler2DArrayShadow;
	precision ${s.precision} isampler2D;
	precision ${s.precision} isampler3D;
	precision ${s.precision} isamplerCube;
	precision ${s.precision} isampler2DArray;
	precision ${s.precision} usampler2D;
	precision ${s.precision} usampler3D;
	precision ${s.precision} usamplerCube;
	precision ${s.precision} usampler2DArray;
	`;return s.precision==="highp"?t+=`
#define HIGH_PRECISION`:s.precision==="mediump"?t+=`
#define MEDIUM_PRECISION`:s.precision==="lowp"&&(t+=`
#define LOW_PRECISION`),t}function Ky(s){return Jy[s.shadowMapType]||"SHADOWMAP_TYPE_BASIC"}function Qy(s){return s.envMap===!1?"ENVMAP_MODE_REFLECTION":jy[s.envMapMode]||"ENVMAP_MODE_REFLECTION"}function ev(s){return s.envMap===!1?"ENVMAP_BLENDING_NONE":tv[s.combine]||"ENVMAP_BLENDING_NONE"}function nv(s,t,e,i){let n=s.getContext(),r=e.defines,o=e.vertexShader,a=e.fragmentShader,l=Ky(e),c=e.envMapPMREM===!0?"ENVMAP_TYPE_PMREM":"ENVMAP_TYPE_CUBE",h=Qy(e),u=ev(e),d=Gy(e),f=Wy(r),m=n.createProgram(),y,p,g=e.glslVersion?"#version "+e.glslVersion+`
`:"";e.isRawShaderMaterial?(y=["#define SHADER_TYPE "+e.shaderType,"#define SHADER_NAME "+e.shaderName,f].filter(io).join(`
`),y.length>0&&(y+=`
`),p=["#define SHADER_TYPE "+e.shaderType,"#define SHADER_NAME "+e.shaderName,f].filter(io).join(`
`),p.length>0&&(p+=`
`)):(y=[If(e),"#define SHADER_TYPE "+e.shaderType,"#define SHADER_NAME "+e.shaderName,f,e.extensionClipCullDistance?"#define USE_CLIP_DISTANCE":"",e.batching?"#define USE_BATCHING":"",e.batchingColor?"#define USE_BATCHING_COLOR":"",e.instancing?"#define USE_INSTANCING":"",e.instancingColor?"#define USE_INSTANCING_COLOR":"",e.instancingMorph?"#define USE_INSTANCING_MORPH":"",e.useFog&&e.fog?"#define USE_FOG":"",e.useFog&&e.fogExp2?"#define FOG_EXP2":"",e.map?"#define USE_MAP":"",e.envMap?"#define USE_ENVMAP":"",e.envMap?"#define "+h:"",e.lightMap?"#define USE_LIGHTMAP":"",e.aoMap?"#define USE_AOMAP":"",e.bumpMap?"#define USE_BUMPMAP":"",e.normalMap?"#define USE_NORMALMAP":"",e.normalMapObjectSpace?"#define USE_NORMALMAP_OBJECTSPACE":"",e.normalMapTangentSpace?"#define USE_NORMALMAP_TANGENTSPACE":"",e.displacementMap?"#define USE_DISPLACEMENTMAP":"",e.emissiveMap?"#define USE_EMISSIVEMAP":"",e.anisotropy?"#define USE_ANISOTROPY":"",e.anisotropyMap?"#define USE_ANISOTROPYMAP":"",e.clearcoatMap?"#define USE_CLEARCOATMAP":"",e.clearcoatRoughnessMap?"#define USE_CLEARCOAT_ROUGHNESSMAP":"",e.clearcoatNormalMap?"#define USE_CLEARCOAT_NORMALMAP":"",e.diffuseRoughnessMap?"#define USE_DIFFUSE_ROUGHNESSMAP":"",e.iridescenceMap?"#define USE_IRIDESCENCEMAP":"",e.iridescenceThicknessMap?"#define USE_IRIDESCENCE_THICKNESSMAP":"",e.specularMap?"#define USE_SPECULARMAP":"",e.specularColorMap?"#define USE_SPECULAR_COLORMAP":"",e.specularIntensityMap?"#define USE_SPECULAR_INTENSITYMAP":"",e.roughnessMap?"#define USE_ROUGHNESSMAP":"",e.metalnessMap?"#define USE_METALNESSMAP":"",e.alphaMap?"#define USE_ALPHAMAP":"",e.alphaHash?"#define USE_ALPHAHASH":"",e.transmission?"#define USE_TRANSMISSION":"",e.transmissionMap?"#define USE_TRANSMISSIONMAP":"",e.thicknessMap?"#define USE_THICKNESSMAP":"",e.sheenColorMap?"#define USE_SHEEN_COLORMAP":"",e.sheenRoughnessMap?"#define USE_SHEEN_ROUGHNESSMAP":"",e.mapUv?"#define MAP_UV "+e.mapUv:"",e.alphaMapUv?"#define ALPHAMAP_UV "+e.alphaMapUv:"",e.lightMapUv?"#define LIGHTMAP_UV "+e.lightMapUv:"",e.aoMapUv?"#define AOMAP_UV "+e.aoMapUv:"",e.emissiveMapUv?"#define EMISSIVEMAP_UV "+e.emissiveMapUv:"",e.bumpMapUv?"#define BUMPMAP_UV "+e.bumpMapUv:"",e.normalMapUv?"#define NORMALMAP_UV "+e.normalMapUv:"",e.displacementMapUv?"#define DISPLACEMENTMAP_UV "+e.displacementMapUv:"",e.metalnessMapUv?"#define METALNESSMAP_UV "+e.metalnessMapUv:"",e.roughnessMapUv?"#define ROUGHNESSMAP_UV "+e.roughnessMapUv:"",e.anisotropyMapUv?"#define ANISOTROPYMAP_UV "+e.anisotropyMapUv:"",e.clearcoatMapUv?"#define CLEARCOATMAP_UV "+e.clearcoatMapUv:"",e.clearcoatNormalMapUv?"#define CLEARCOAT_NORMALMAP_UV "+e.clearcoatNormalMapUv:"",e.clearcoatRoughnessMapUv?"#define CLEARCOAT_ROUGHNESSMAP_UV "+e.clearcoatRoughnessMapUv:"",e.diffuseRoughnessMapUv?"#define DIFFUSE_ROUGHNESSMAP_UV "+e.diffuseRoughnessMapUv:"",e.iridescenceMapUv?"#define IRIDESCENCEMAP_UV "+e.iridescenceMapUv:"",e.iridescenceThicknessMapUv?"#define IRIDESCENCE_THICKNESSMAP_UV "+e.iridescenceThicknessMapUv:"",e.sheenColorMapUv?"#define SHEEN_COLORMAP_UV "+e.sheenColorMapUv:"",e.sheenRoughnessMapUv?"#define SHEEN_ROUGHNESSMAP_UV "+e.sheenRoughnessMapUv:"",e.specularMapUv?"#define SPECULARMAP_UV "+e.specularMapUv:"",e.specularColorMapUv?"#define SPECULAR_COLORMAP_UV "+e.specularColorMapUv:"",e.specularIntensityMapUv?"#define SPECULAR_INTENSITYMAP_UV "+e.specularIntensityMapUv:"",e.transmissionMapUv?"#define TRANSMISSIONMAP_UV "+e.transmissionMapUv:"",e.thicknessMapUv?"#define THICKNESSMAP_UV "+e.thicknessMapUv:"",e.vertexTangents&&e.flatShading===!1?"#define USE_TANGENT":"",e.vertexNormals?"#define HAS_NORMAL":"",e.vertexColors?"#define USE_COLOR":"",e.vertexAlphas?"#define USE_COLOR_ALPHA":"",e.vertexUv1s?"#define USE_UV1":"",e.vertexUv2s?"#define USE_UV2":"",e.vertexUv3s?"#define USE_UV3":"",e.pointsUvs?"#define USE_POINTS_UV":"",e.flatShading?"#define FLAT_SHADED":"",e.skinning?"#define USE_SKINNING":"",e.morphTargets?"#define USE_MORPHTARGETS":"",e.morphNormals&&e.flatShading===!1?"#define USE_MORPHNORMALS":"",e.morphColors?"#define USE_MORPHCOLORS":"",e.morphTargetsCount>0?"#define MORPHTARGETS_TEXTURE_STRIDE "+e.morphTextureStride:"",e.morphTargetsCount>0?"#define MORPHTARGETS_COUNT "+e.morphTargetsCount:"",e.doubleSided?"#define DOUBLE_SIDED":"",e.flipSided?"#define FLIP_SIDED":"",e.shadowMapEnabled?"#define USE_SHADOWMAP":"",e.shadowMapEnabled?"#define "+l:"",e.sizeAttenuation?"#define USE_SIZEATTENUATION":"",e.numLightProbes>0?"#define USE_LIGHT_PROBES":"",e.logarithmicDepthBuffer?"#define USE_LOGARITHMIC_DEPTH_BUFFER":"",e.reversedDepthBuffer?"#define USE_REVERSED_DEPTH_BUFFER":"","uniform mat4 modelMatrix;","uniform mat4 modelViewMatrix;","uniform mat4 projectionMatrix;","uniform mat4 viewMatrix;","uniform mat3 normalMatrix;","uniform vec3 cameraPosition;","uniform bool isOrthographic;","#ifdef USE_INSTANCING","	attribute mat4 instanceMatrix;","#endif","#ifdef USE_INSTANCING_COLOR","	attribute vec3 instanceColor;","#endif","#ifdef USE_INSTANCING_MORPH","	uniform sampler2D morphTexture;","#endif","attribute vec3 position;","attribute vec3 normal;","attribute vec2 uv;","#ifdef USE_UV1","	attribute vec2 uv1;","#endif","#ifdef USE_UV2","	attribute vec2 uv2;","#endif","#ifdef USE_UV3","	attribute vec2 uv3;","#endif","#ifdef USE_TANGENT","	attribute vec4 tangent;","#endif","#if defined( USE_COLOR_ALPHA )","	attribute vec4 color;","#elif defined( USE_COLOR )","	attribute vec3 color;","#endif","#ifdef USE_SKINNING","	attribute vec4 skinIndex;","	attribute vec4 skinWeight;","#endif",`
`].filter(io).join(`
`),p=[If(e),"#define SHADER_TYPE "+e.shaderType,"#define SHADER_NAME "+e.shaderName,f,e.useFog&&e.fog?"#define USE_FOG":"",e.useFog&&e.fogExp2?"#define FOG_EXP2":"",e.alphaToCoverage?"#define ALPHA_TO_COVERAGE":"",e.map?"#define USE_MAP":"",e.matcap?"#define USE_MATCAP":"",e.envMap?"#define USE_ENVMAP":"",e.envMap?"#define "+c:"",e.envMap?"#define "+h:"",e.envMap?"#define "+u:"",e.envMapPMREM?"#define ENVMAP_MAX_LOD "+e.envMapMaxLod+".0":"",e.envMapPMREM?"#define ENVMAP_SIZE "+e.envMapSize+".0":"",e.lightMap?"#define USE_LIGHTMAP":"",e.aoMap?"#define USE_AOMAP":"",e.bumpMap?"#define USE_BUMPMAP":"",e.normalMap?"#define USE_NORMALMAP":"",e.normalMapObjectSpace?"#define USE_NORMALMAP_OBJECTSPACE":"",e.normalMapTangentSpace?"#define USE_NORMALMAP_TANGENTSPACE":"",e.packedNormalMap?"#define USE_PACKED_NORMALMAP":"",e.emissiveMap?"#define USE_EMISSIVEMAP":"",e.anisotropy?"#define USE_ANISOTROPY":"",e.anisotropyMap?"#define USE_ANISOTROPYMAP":"",e.clearcoat?"#define USE_CLEARCOAT":"",e.clearcoatMap?"#define USE_CLEARCOATMAP":"",e.clearcoatRoughnessMap?"#define USE_CLEARCOAT_ROUGHNESSMAP":"",e.clearcoatNormalMap?"#define USE_CLEARCOAT_NORMALMAP":"",e.diffuseRoughness?"#define USE_DIFFUSE_ROUGHNESS":"",e.diffuseRoughnessMap?"#define USE_DIFFUSE_ROUGHNESSMAP":"",e.dispersion?"#define USE_DISPERSION":"",e.retroreflection?"#define USE_RETROREFLECTION":"",e.iridescence?"#define USE_IRIDESCENCE":"",e.iridescenceMap?"#define USE_IRIDESCENCEMAP":"",e.iridescenceThicknessMap?"#define USE_IRIDESCENCE_THICKNESSMAP":"",e.specularMap?"#define USE_SPECULARMAP":"",e.specularColorMap?"#define USE_SPECULAR_COLORMAP":"",e.specularIntensityMap?"#define USE_SPECULAR_INTENSITYMAP":"",e.roughnessMap?"#define USE_ROUGHNESSMAP":"",e.metalnessMap?"#define USE_METALNESSMAP":"",e.alphaMap?"#define USE_ALPHAMAP":"",e.alphaTest?"#define USE_ALPHATEST":"",e.alphaHash?"#define USE_ALPHAHASH":"",e.sheen?"#define USE_SHEEN":"",e.sheenColorMap?"#define USE_SHEEN_COLORMAP":"",e.sheenRoughnessMap?"#define USE_SHEEN_ROUGHNESSMAP":"",e.transmission?"#define USE_TRANSMISSION":"",e.transmissionMap?"#define USE_TRANSMISSIONMAP":"",e.thicknessMap?"#define USE_THICKNESSMAP":"",e.vertexTangents&&e.flatShading===!1?"#define USE_TANGENT":"",e.vertexColors||e.instancingColor?"#define USE_COLOR":"",e.vertexAlphas||e.batchingColor?"#define USE_COLOR_ALPHA":"",e.vertexUv1s?"#define USE_UV1":"",e.vertexUv2s?"#define USE_UV2":"",e.vertexUv3s?"#define USE_UV3":"",e.pointsUvs?"#define USE_POINTS_UV":"",e.gradientMap?"#define USE_GRADIENTMAP":"",e.flatShading?"#define FLAT_SHADED":"",e.doubleSided?"#define DOUBLE_SIDED":"",e.flipSided?"#define FLIP_SIDED":"",e.shadowMapEnabled?"#define USE_SHADOWMAP":"",e.shadowMapEnabled?"#define "+l:"",e.premultipliedAlpha?"#define PREMULTIPLIED_ALPHA":"",e.numLightProbes>0?"#define USE_LIGHT_PROBES":"",e.decodeVideoTexture?"#define DECODE_VIDEO_TEXTURE":"",e.decodeVideoTextureEmissive?"#define DECODE_VIDEO_TEXTURE_EMISSIVE":"",e.logarithmicDepthBuffer?"#define USE_LOGARITHMIC_DEPTH_BUFFER":"",e.reversedDepthBuffer?"#define USE_REVERSED_DEPTH_BUFFER":"","uniform mat4 viewMatrix;","uniform vec3 cameraPosition;","uniform bool isOrthographic;",e.toneMapping!==Kn?"#define TONE_MAPPING":"",e.toneMapping!==Kn?$t.tonemapping_pars_fragment:"",e.toneMapping!==Kn?Vy("toneMapping",e.toneMapping):"",e.dithering?"#define DITHERING":"",e.opaque?"#define OPAQUE":"",$t.colorspace_pars_fragment,ky("linearToOutputTexel",e.outputColorSpace),Hy(),e.useDepthPacking?"#define DEPTH_PACKING "+e.depthPacking:"",`
`].filter(io).join(`
`)),o=Oh(o),o=Cf(o,e),o=Rf(o,e),a=Oh(a),a=Cf(a,e),a=Rf(a,e),o=Pf(o),a=Pf(a),e.isRawShaderMaterial!==!0&&(g=`#version 300 es
`,y=[d,"#define attribute in","#define varying out","#define texture2D texture"].join(`
`)+`
`+y,p=["#define varying in",e.glslVersion===vh?"":"layout(location = 0) out highp vec4 pc_fragColor;",e.glslVersion===vh?"":"#define gl_FragColor pc_fragColor","#define gl_FragDepthEXT gl_FragDepth","#define texture2D texture","#define textureCube texture","#define texture2DProj textureProj","#define texture2DLodEXT textureLod","#define texture2DProjLodEXT textureProjLod","#define textureCubeLodEXT textureLod","#define texture2DGradEXT textureGrad","#define texture2DProjGradEXT textureProjGrad","#define textureCubeGradEXT textureGrad"].join(`
`)+`
`+p);let x=g+y+o,S=g+p+a,v=Tf(n,n.VERTEX_SHADER,x),M=Tf(n,n.FRAGMENT_SHADER,S);n.attachShader(m,v),n.attachShader(m,M),e.index0AttributeName!==void 0?n.bindAttribLocation(m,0,e.index0AttributeName):e.hasPositionAttribute===!0&&n.bindAttribLocation(m,0,"position"),n.linkProgram(m);function w(A){if(s.debug.checkShaderErrors){let I=n.getProgramInfoLog(m)||"",R=n.getShaderInfoLog(v)||"",F=n.getShaderInfoLog(M)||"",L=I.trim(),k=R.trim(),z=F.trim(),G=!0,it=!0;if(n.getProgramParameter(m,n.LINK_STATUS)===!1)if(G=!1,typeof s.debug.onShaderError=="function")s.debug.onShaderError(n,m,v,M);else{let Y=Af(n,v,"vertex"),tt=Af(n,M,"fragment");Bt("WebGLProgram: Shader Error "+n.getError()+" - VALIDATE_STATUS "+n.getProgramParameter(m,n.VALIDATE_STATUS)+`

Material Name: `+A.name+`
Material Type: `+A.type+`

Program Info Log: `+L+`
`+Y+`
`+tt)}else L!==""?Nt("WebGLProgram: Program Info Log:",L):(k===""||z==="")&&(it=!1);it&&(A.diagnostics={runnable:G,programLog:L,vertexShader:{log:k,prefix:y},fragmentShader:{log:z,prefix:p}})}n.deleteShader(v),n.deleteShader(M),_=new Gs(n,m),b=qy(n,m)}let _;this.getUniforms=function(){return _===void 0&&w(this),_};let b;this.getAttributes=function(){return b===void 0&&w(this),b};let C=e.rendererExtensionParallelShaderCompile===!1;return this.isReady=function(){return C===!1&&(C=n.getProgramParameter(m,Uy)),C},this.destroy=function(){i.releaseStatesOfProgram(this),n.deleteProgram(m),this.program=void 0},this.type=e.shaderType,this.name=e.shaderName,this.id=Fy++,this.cacheKey=t,this.usedTimes=1,this.program=m,this.vertexShader=v,this.fragmentShader=M,this}function sv(s){return s===Li||s===to||s===eo}function rv(s,t,e,i,n,r){let o=new Rs,a=new Bh,l=new Set,c=[],h=new Map,u=i.logarithmicDepthBuffer,d={MeshDepthMaterial:"depth",MeshDistanceMaterial:"distance",MeshNormalMaterial:"normal",MeshBasicMaterial:"basic",MeshLambertMaterial:"lambert",MeshPhongMaterial:"phong",MeshToonMaterial:"toon",MeshStandardMaterial:"physical",MeshPhysicalMaterial:"physical",MeshMatcapMaterial:"matcap",LineBasicMaterial:"basic",LineDashedMaterial:"dashed",PointsMaterial:"points",ShadowMaterial:"shadow",SpriteMaterial:"sprite"};function f(_){return l.add(_),_===0?"uv":`uv${_}`}function m(_,b,C,A,I,R){let F=A.fog,L=I.geometry,k=_.isMeshStandardMaterial||_.isMeshLambertMaterial||_.isMeshPhongMaterial?A.environment:null,z=_.isMeshStandardMaterial||_.isMeshLambertMaterial&&!_.envMap||_.isMeshPhongMaterial&&!_.envMap,G=t.get(_.envMap||k,z),it=d[_.type],Y=i.precision;_.precision!==null&&(Y=i.getMaxPrecision(_.precision),Y!==_.precision&&Nt("WebGLProgram.getParameters:",_.precision,"not supported, using",Y,"instead."));let tt=L.morphAttributes.position||L.morphAttributes.normal||L.morphAttributes.color,nt=tt!==void 0?tt.length:0,xt=0;L.morphAttributes.position!==void 0&&(xt=1),L.morphAttributes.normal!==void 0&&(xt=2),L.morphAttributes.color!==void 0&&(xt=3);let Dt,J,at,bt;if(it){let yt=Qn[it];Dt=yt.vertexShader,J=yt.fragmentShader}else{Dt=_.vertexShader,J=_.fragmentShader;let yt=a.getVertexShaderStage(_),ue=a.getFragmentShaderStage(_);a.update(_,yt,ue),at=yt.id,bt=ue.id}let Rt=s.getRenderTarget(),_t=s.state.buffers.depth.getReversed(),Ft=I.isInstancedMesh===!0,xe=I.isBatchedMesh===!0,Ct=!!_.map,Zt=!!_.matcap,ee=!!G,Gt=ee&&G.isPMREMTexture===!0,Ie=!!_.aoMap,Se=!!_.lightMap,Ge=!!_.bumpMap&&_.wireframe===!1,ge=!!_.normalMap,on=!!_.displacementMap,Re=!!_.emissiveMap,U=!!_.metalnessMap,q=!!_.roughnessMap,Q=_.anisotropy>0,N=_.clearcoat>0,Ot=_.diffuseRoughness>0,Mt=_.dispersion>0,Jt=_.retroreflectivity>0,lt=_.iridescence>0,be=_.sheen>0,Ut=_.transmission>0,Ht=Q&&!!_.anisotropyMap,D=N&&!!_.clearcoatMap,T=N&&!!_.clearcoatNormalMap,H=N&&!!_.clearcoatRoughnessMap,st=Ot&&!!_.diffuseRoughnessMap,et=lt&&!!_.iridescenceMap,ct=lt&&!!_.iridescenceThicknessMap,mt=be&&!!_.sheenColorMap,Z=be&&!!_.sheenRoughnessMap,K=!!_.specularMap,dt=!!_.specularColorMap,O=!!_.specularIntensityMap,j=Ut&&!!_.transmissionMap,$=Ut&&!!_.thicknessMap,ft=!!_.gradientMap,ot=!!_.alphaMap,ht=_.alphaTest>0,Pt=!!_.alphaHash,Yt=!!_.extensions,rt=Kn;_.toneMapped&&(Rt===null||Rt.isXRRenderTarget===!0)&&(rt=s.toneMapping);let Lt=Gt?G.isCompressedCubeTexture?G.image[0].mipmaps:G.mipmaps:null,Xt={shaderID:it,shaderType:_.type,shaderName:_.name,vertexShader:Dt,fragmentShader:J,defines:_.defines,customVertexShaderID:at,customFragmentShaderID:bt,isRawShaderMaterial:_.isRawShaderMaterial===!0,glslVersion:_.glslVersion,precision:Y,batching:xe,batchingColor:xe&&I._colorsTexture!==null,instancing:Ft,instancingColor:Ft&&I.instanceColor!==null,instancingMorph:Ft&&I.morphTexture!==null,outputColorSpace:Rt===null?s.outputColorSpace:Rt.isXRRenderTarget===!0?Rt.texture.colorSpace:Kt.workingColorSpace,alphaToCoverage:!!_.alphaToCoverage,map:Ct,matcap:Zt,envMap:ee,envMapMode:ee&&G.mapping,envMapPMREM:Gt,envMapMaxLod:Gt?Lt.length-1:null,envMapSize:Gt?Lt[0].width:null,aoMap:Ie,lightMap:Se,bumpMap:Ge,normalMap:ge,displacementMap:on,emissiveMap:Re,normalMapObjectSpace:ge&&_.normalMapType===Jd,normalMapTangentSpace:ge&&_.normalMapType===vl,packedNormalMap:ge&&_.normalMapType===vl&&sv(_.normalMap.format),metalnessMap:U,roughnessMap:q,anisotropy:Q,anisotropyMap:Ht,clearcoat:N,clearcoatMap:D,clearcoatNormalMap:T,clearcoatRoughnessMap:H,diffuseRoughness:Ot,diffuseRoughnessMap:st,dispersion:Mt,retroreflection:Jt,iridescence:lt,iridescenceMap:et,iridescenceThicknessMap:ct,sheen:be,sheenColorMap:mt,sheenRoughnessMap:Z,specularMap:K,specularColorMap:dt,specularIntensityMap:O,transmission:Ut,transmissionMap:j,thicknessMap:$,gradientMap:ft,opaque:_.transparent===!1&&_.blending===ks&&_.alphaToCoverage===!1,alphaMap:ot,alphaTest:ht,alphaHash:Pt,combine:_.combine,mapUv:Ct&&f(_.map.channel),aoMapUv:Ie&&f(_.aoMap.channel),lightMapUv:Se&&f(_.lightMap.channel),bumpMapUv:Ge&&f(_.bumpMap.channel),normalMapUv:ge&&f(_.normalMap.channel),displacementMapUv:on&&f(_.displacementMap.channel),emissiveMapUv:Re&&f(_.emissiveMap.channel),metalnessMapUv:U&&f(_.metalnessMap.channel),roughnessMapUv:q&&f(_.roughnessMap.channel),anisotropyMapUv:Ht&&f(_.anisotropyMap.channel),clearcoatMapUv:D&&f(_.clearcoatMap.channel),clearcoatNormalMapUv:T&&f(_.clearcoatNormalMap.channel),clearcoatRoughnessMapUv:H&&f(_.clearcoatRoughnessMap.channel),diffuseRoughnessMapUv:st&&f(_.diffuseRoughnessMap.channel),iridescenceMapUv:et&&f(_.iridescenceMap.channel),iridescenceThicknessMapUv:ct&&f(_.iridescenceThicknessMap.channel),sheenColorMapUv:mt&&f(_.sheenColorMap.channel),sheenRoughnessMapUv:Z&&f(_.sheenRoughnessMap.channel),specularMapUv:K&&f(_.specularMap.channel),specularColorMapUv:dt&&f(_.specularColorMap.channel),specularIntensityMapUv:O&&f(_.specularIntensityMap.channel),transmissionMapUv:j&&f(_.transmissionMap.channel),thicknessMapUv:$&&f(_.thicknessMap.channel),alphaMapUv:ot&&f(_.alphaMap.channel),vertexTangents:!!L.attributes.tangent&&(ge||Q),vertexNormals:!!L.attributes.normal,vertexColors:_.vertexColors,vertexAlphas:_.vertexColors===!0&&!!L.attributes.color&&L.attributes.color.itemSize===4,pointsUvs:I.isPoints===!0&&!!L.attributes.uv&&(Ct||ot),fog:!!F,useFog:_.fog===!0,fogExp2:!!F&&F.isFogExp2,flatShading:_.wireframe===!1&&(_.flatShading===!0||L.attributes.normal===void 0&&ge===!1&&(_.isMeshLambertMaterial||_.isMeshPhongMaterial||_.isMeshStandardMaterial||_.isMeshPhysicalMaterial)),sizeAttenuation:_.sizeAttenuation===!0,logarithmicDepthBuffer:u,reversedDepthBuffer:_t,skinning:I.isSkinnedMesh===!0,hasPositionAttribute:L.attributes.position!==void 0,morphTargets:L.morphAttributes.position!==void 0,morphNormals:L.morphAttributes.normal!==void 0,morphColors:L.morphAttributes.color!==void 0,morphTargetsCount:nt,morphTextureStride:xt,numSunLights:b.sun.length,numDirLights:b.directional.length,numPointLights:b.point.length,numSpotLights:b.spot.length,numSpotLightMaps:b.spotLightMap.length,numRectAreaLights:b.rectArea.length,numHemiLights:b.hemi.length,numSunLightShadows:b.sunShadowMap.length,numDirLightShadows:b.directionalShadowMap.length,numPointLightShadows:b.pointShadowMap.length,numSpotLightShadows:b.spotShadowMap.length,numSpotLightShadowsWithMaps:b.numSpotLightShadowsWithMaps,numLightProbes:b.numLightProbes,numLightProbeGrids:R.filter(yt=>yt.texture!==null).length,numClippingPlanes:r.numPlanes,numClipIntersection:r.numIntersection,dithering:_.dithering,shadowMapEnabled:s.shadowMap.enabled&&C.length>0,shadowMapType:s.shadowMap.type,toneMapping:rt,decodeVideoTexture:Ct&&_.map.isVideoTexture===!0&&Kt.getTransfer(_.map.colorSpace)===ce,decodeVideoTextureEmissive:Re&&_.emissiveMap.isVideoTexture===!0&&Kt.getTransfer(_.emissiveMap.colorSpace)===ce,premultipliedAlpha:_.premultipliedAlpha,doubleSided:_.side===fn,flipSided:_.side===Ye,useDepthPacking:_.depthPacking>=0,depthPacking:_.depthPacking||0,index0AttributeName:_.index0AttributeName,extensionClipCullDistance:Yt&&_.extensions.clipCullDistance===!0&&e.has("WEBGL_clip_cull_distance"),extensionMultiDraw:(Yt&&_.extensions.multiDraw===!0||xe)&&e.has("WEBGL_multi_draw"),rendererExtensionParallelShaderCompile:e.has("KHR_parallel_shader_compile"),customProgramCacheKey:_.customProgramCacheKey()};return Xt.vertexUv1s=l.has(1),Xt.vertexUv2s=l.has(2),Xt.vertexUv3s=l.has(3),l.clear(),Xt}function y(_){let b=[];if(_.shaderID?b.push(_.shaderID):(b.push(_.customVertexShaderID),b.push(_.customFragmentShaderID)),_.defines!==void 0)for(let C in _.defines)b.push(C),b.push(_.defines[C]);return _.isRawShaderMaterial===!1&&(p(b,_),g(b,_),b.push(s.outputColorSpace)),b.push(_.customProgramCacheKey),b.join()}function p(_,b){_.push(b.precision),_.push(b.outputColorSpace),_.push(b.envMapMode),_.push(b.envMapPMREM),_.push(b.envMapMaxLod),_.push(b.envMapSize),_.push(b.mapUv),_.push(b.alphaMapUv),_.push(b.lightMapUv),_.push(b.aoMapUv),_.push(b.bumpMapUv),_.push(b.normalMapUv),_.push(b.displacementMapUv),_.push(b.emissiveMapUv),_.push(b.metalnessMapUv),_.push(b.roughnessMapUv),_.push(b.anisotropyMapUv),_.push(b.clearcoatMapUv),_.push(b.clearcoatNormalMapUv),_.push(b.clearcoatRoughnessMapUv),_.push(b.diffuseRoughnessMapUv),_.push(b.iridescenceMapUv),_.push(b.iridescenceThicknessMapUv),_.push(b.sheenColorMapUv),_.push(b.sheenRoughnessMapUv),_.push(b.specularMapUv),_.push(b.specularColorMapUv),_.push(b.specularIntensityMapUv),_.push(b.transmissionMapUv),_.push(b.thicknessMapUv),_.push(b.combine),_.push(b.fogExp2),_.push(b.sizeAttenuation),_.push(b.morphTargetsCount),_.push(b.numSunLights),_.push(b.numDirLights),_.push(b.numPointLights),_.push(b.numSpotLights),_.push(b.numSpotLightMaps),_.push(b.numHemiLights),_.push(b.numRectAreaLights),_.push(b.numSunLightShadows),_.push(b.numDirLightShadows),_.push(b.numPointLightShadows),_.push(b.numSpotLightShadows),_.push(b.numSpotLightShadowsWithMaps),_.push(b.numLightProbes),_.push(b.numLightProbeGrids),_.push(b.shadowMapType),_.push(b.toneMapping),_.push(b.numClippingPlanes),_.push(b.numClipIntersection),_.push(b.depthPacking)}function g(_,b){o.disableAll(),b.instancing&&o.enable(0),b.instancingColor&&o.enable(1),b.instancingMorph&&o.enable(2),b.matcap&&o.enable(3),b.envMap&&o.enable(4),b.normalMapObjectSpace&&o.enable(5),b.normalMapTangentSpace&&o.enable(6),b.clearcoat&&o.enable(7),b.iridescence&&o.enable(8),b.alphaTest&&o.enable(9),b.vertexColors&&o.enable(10),b.vertexAlphas&&o.enable(11),b.vertexUv1s&&o.enable(12),b.vertexUv2s&&o.enable(13),b.vertexUv3s&&o.enable(14),b.vertexTangents&&o.enable(15),b.anisotropy&&o.enable(16),b.alphaHash&&o.enable(17),b.batching&&o.enable(18),b.dispersion&&o.enable(19),b.retroreflection&&o.enable(24),b.diffuseRoughness&&o.enable(25),b.batchingColor&&o.enable(20),b.gradientMap&&o.enable(21),b.packedNormalMap&&o.enable(22),b.vertexNormals&&o.enable(23),_.push(o.mask),o.disableAll(),b.fog&&o.enable(0),b.useFog&&o.enable(1),b.flatShading&&o.enable(2),b.logarithmicDepthBuffer&&o.enable(3),b.reversedDepthBuffer&&o.enable(4),b.skinning&&o.enable(5),b.morphTargets&&o.enable(6),b.morphNormals&&o.enable(7),b.morphColors&&o.enable(8),b.premultipliedAlpha&&o.enable(9),b.shadowMapEnabled&&o.enable(10),b.doubleSided&&o.enable(11),b.flipSided&&o.enable(12),b.useDepthPacking&&o.enable(13),b.dithering&&o.enable(14),b.transmission&&o.enable(15),b.sheen&&o.enable(16),b.opaque&&o.enable(17),b.pointsUvs&&o.enable(18),b.decodeVideoTexture&&o.enable(19),b.decodeVideoTextureEmissive&&o.enable(20),b.alphaToCoverage&&o.enable(21),b.numLightProbeGrids>0&&o.enable(22),b.hasPositionAttribute&&o.enable(23),_.push(o.mask)}function x(_){let b=d[_.type],C;if(b){let A=Qn[b];C=df.clone(A.uniforms)}else C=_.uniforms;return C}function S(_,b){let C=h.get(b);return C!==void 0?++C.usedTimes:(C=new nv(s,b,_,n),c.push(C),h.set(b,C)),C}function v(_){if(--_.usedTimes===0){let b=c.indexOf(_);c[b]=c[c.length-1],c.pop(),h.delete(_.cacheKey),_.destroy()}}function M(_){a.remove(_)}function w(){a.dispose()}return{getParameters:m,getProgramCacheKey:y,getUniforms:x,acquireProgram:S,releaseProgram:v,releaseShaderCache:M,programs:c,dispose:w}}function ov(){let s=new WeakMap;function t(o){return s.has(o)}function e(o){let a=s.get(o);return a===void 0&&(a={},s.set(o,a)),a}function i(o){s.delete(o)}function n(o,a,l){s.get(o)[a]=l}function r(){s=new WeakMap}return{has:t,get:e,remove:i,update:n,dispose:r}}function av(s,t){return s.groupOrder!==t.groupOrder?s.groupOrder-t.groupOrder:s.renderOrder!==t.renderOrder?s.renderOrder-t.renderOrder:s.material.id!==t.material.id?s.material.id-t.material.id:s.materialVariant!==t.materialVariant?s.materialVariant-t.materialVariant:s.z!==t.z?s.z-t.z:s.id-t.id}function Lf(s,t){return s.groupOrder!==t.groupOrder?s.groupOrder-t.groupOrder:s.renderOrder!==t.renderOrder?s.renderOrder-t.renderOrder:s.z!==t.z?t.z-s.z:s.id-t.id}function Df(){let s=[],t=0,e=[],i=[],n=[];function r(){t=0,e.length=0,i.length=0,n.length=0}function o(d){let f=0;return d.isInstancedMesh&&(f+=2),d.isSkinnedMesh&&(f+=1),f}function a(d,f,m,y,p,g){let x=s[t];return x===void 0?(x={id:d.id,object:d,geometry:f,material:m,materialVariant:o(d),groupOrder:y,renderOrder:d.renderOrder,z:p,group:g},s[t]=x):(x.id=d.id,x.object=d,x.geometry=f,x.material=m,x.materialVariant=o(d),x.groupOrder=y,x.renderOrder=d.renderOrder,x.z=p,x.group=g),t++,x}function l(d,f,m,y,p,g,x){x.reversedDepth===!0&&(p=-p);let S=a(d,f,m,y,p,g);m.transmission>0?i.push(S):m.transparent===!0?n.push(S):e.push(S)}function c(d,f,m,y,p,g){let x=a(d,f,m,y,p,g);m.transmission>0?i.unshift(x):m.transparent===!0?n.unshift(x):e.unshift(x)}function h(d,f){e.length>1&&e.sort(d||av),i.length>1&&i.sort(f||Lf),n.length>1&&n.sort(f||Lf)}function u(){for(let d=t,f=s.length;d<f;d++){let m=s[d];if(m.id===null)break;m.id=null,m.object=null,m.geometry=null,m.material=null,m.group=null}}return{opaque:e,transmissive:i,transparent:n,init:r,push:l,unshift:c,finish:u,sort:h}}function lv(){let s=new WeakMap;function t(i,n){let r=s.get(i),o;return r===void 0?(o=new Df,s.set(i,[o])):n>=r.length?(o=new Df,r.push(o)):o=r[n],o}function e(){s=new WeakMap}return{get:t,dispose:e}}function cv(){let s={};return{get:function(t){if(s[t.id]!==void 0)return s[t.id];let e;switch(t.type){case"SunLight":case"DirectionalLight":e={direction:new P,color:new qt};break;case"SpotLight":e={position:new P,direction:new P,color:new qt,distance:0,coneCos:0,penumbraCos:0,decay:0};break;case"PointLight":e={position:new P,color:new qt,distance:0,decay:0};break;case"HemisphereLight":e={direction:new P,skyColor:new qt,groundColor:new qt};break;case"RectAreaLight":e={color:new qt,position:new P,halfWidth:new P,halfHeight:new P};break}return s[t.id]=e,e}}}function hv(){let s={};return{get:function(t){if(s[t.id]!==void 0)return s[t.id];let e;switch(t.type){case"SunLight":case"DirectionalLight":e={shadowIntensity:1,shadowBias:0,shadowNormalBias:0,shadowRadius:1,shadowMapSize:new ut};break;case"SpotLight":e={shadowIntensity:1,shadowBias:0,shadowNormalBias:0,shadowRadius:1,shadowMapSize:new ut};break;case"PointLight":e={shadowIntensity:1,shadowBias:0,shadowNormalBias:0,shadowRadius:1,shadowMapSize:new ut,shadowCameraNear:1,shadowCameraFar:1e3};break}return s[t.id]=e,e}}}function dv(s,t){return(t.castShadow?2:0)-(s.castShadow?2:0)+(t.map?1:0)-(s.map?1:0)}function fv(s){let t=new cv,e=hv(),i={version:0,hash:{sunLength:-1,directionalLength:-1,pointLength:-1,spotLength:-1,rectAreaLength:-1,hemiLength:-1,numSunShadows:-1,numDirectionalShadows:-1,numPointShadows:-1,numSpotShadows:-1,numSpotMaps:-1,numLightProbes:-1},ambient:[0,0,0],probe:[],sun:[],sunShadow:[],sunShadowMap:[],sunShadowMatrix:[],sunShadowCascade:[],directional:[],directionalShadow:[],directionalShadowMap:[],directionalShadowMatrix:[],spot:[],spotLightMap:[],spotShadow:[],spotShadowMap:[],spotLightMatrix:[],rectArea:[],rectAreaLTC1:null,rectAreaLTC2:null,point:[],pointShadow:[],pointShadowMap:[],pointShadowMatrix:[],hemi:[],numSpotLightShadowsWithMaps:0,numLightProbes:0};for(let c=0;c<9;c++)i.probe.push(new P);let n=new P,r=new kt,o=new kt;function a(c){let h=0,u=0,d=0;for(let R=0;R<9;R++)i.probe[R].set(0,0,0);let f=0,m=0,y=0,p=0,g=0,x=0,S=0,v=0,M=0,w=0,_=0,b=0,C=0,A=0;c.sort(dv);for(let R=0,F=c.length;R<F;R++){let L=c[R],k=L.color,z=L.intensity,G=L.distance,it=null;if(L.shadow&&L.shadow.map&&(L.shadow.map.texture.format===Li?it=L.shadow.map.texture:it=L.shadow.map.depthTexture||L.shadow.map.texture),L.isAmbientLight)h+=k.r*z,u+=k.g*z,d+=k.b*z;else if(L.isLightProbe){for(let Y=0;Y<9;Y++)i.probe[Y].addScaledVector(L.sh.coefficients[Y],z);A++}else if(L.isSunLight){let Y=t.get(L);if(Y.color.copy(L.color).multiplyScalar(L.intensity),L.castShadow){let tt=L.shadow,nt=e.get(L);nt.shadowIntensity=tt.intensity,nt.shadowBias=tt.bias,nt.shadowNormalBias=tt.normalBias,nt.shadowRadius=tt.radius,nt.shadowMapSize.copy(tt.mapSize).multiply(tt.getFrameExtents()),i.sunShadow[m]=nt,i.sunShadowMap[m]=it;let xt=tt.getViewportCount();for(let Dt=0;Dt<xt;Dt++)i.sunShadowMatrix[y+Dt]=tt.getMatrix(Dt),i.sunShadowCascade[y+Dt]=tt._cascadeData[Dt];y+=xt,m++}i.sun[f]=Y,f++}else if(L.isDirectionalLight){let Y=t.get(L);if(Y.color.copy(L.color).multiplyScalar(L.intensity),L.castShadow){let tt=L.shadow,nt=e.get(L);nt.shadowIntensity=tt.intensity,nt.shadowBias=tt.bias,nt.shadowNormalBias=tt.normalBias,nt.shadowRadius=tt.radius,nt.shadowMapSize=tt.mapSize,i.directionalShadow[p]=nt,i.directionalShadowMap[p]=it,i.directionalShadowMatrix[p]=L.shadow.matrix,M++}i.directional[p]=Y,p++}else if(L.isSpotLight){let Y=t.get(L);Y.position.setFromMatrixPosition(L.matrixWorld),Y.color.copy(k).multiplyScalar(z),Y.distance=G,Y.coneCos=Math.cos(L.angle),Y.penumbraCos=Math.cos(L.angle*(1-L.penumbra)),Y.decay=L.decay,i.spot[x]=Y;let tt=L.shadow;if(L.map&&(i.spotLightMap[b]=L.map,b++,tt.updateMatrices(L),L.castShadow&&C++),i.spotLightMatrix[x]=tt.matrix,L.castShadow){let nt=e.get(L);nt.shadowIntensity=tt.intensity,nt.shadowBias=tt.bias,nt.shadowNormalBias=tt.normalBias,nt.shadowRadius=tt.radius,nt.shadowMapSize=tt.mapSize,i.spotShadow[x]=nt,i.spotShadowMap[x]=it,_++}x++}else if(L.isRectAreaLight){let Y=t.get(L);Y.color.copy(k).multiplyScalar(z),Y.halfWidth.set(L.width*.5,0,0),Y.halfHeight.set(0,L.height*.5,0),i.rectArea[S]=Y,S++}else if(L.isPointLight){let Y=t.get(L);if(Y.color.copy(L.color).multiplyScalar(L.intensity),Y.distance=L.distance,Y.decay=L.decay,L.castShadow){let tt=L.shadow,nt=e.get(L);nt.shadowIntensity=tt.intensity,nt.shadowBias=tt.bias,nt.shadowNormalBias=tt.normalBias,nt.shadowRadius=tt.radius,nt.shadowMapSize=tt.mapSize,nt.shadowCameraNear=tt.camera.near,nt.shadowCameraFar=tt.camera.far,i.pointShadow[g]=nt,i.pointShadowMap[g]=it,i.pointShadowMatrix[g]=L.shadow.matrix,w++}i.point[g]=Y,g++}else if(L.isHemisphereLight){let Y=t.get(L);Y.skyColor.copy(L.color).multiplyScalar(z),Y.groundColor.copy(L.groundColor).multiplyScalar(z),i.hemi[v]=Y,v++}}S>0&&(s.has("OES_texture_float_linear")===!0?(i.rectAreaLTC1=vt.LTC_FLOAT_1,i.rectAreaLTC2=vt.LTC_FLOAT_2):(i.rectAreaLTC1=vt.LTC_HALF_1,i.rectAreaLTC2=vt.LTC_HALF_2)),i.ambient[0]=h,i.ambient[1]=u,i.ambient[2]=d;let I=i.hash;(I.sunLength!==f||I.directionalLength!==p||I.pointLength!==g||I.spotLength!==x||I.rectAreaLength!==S||I.hemiLength!==v||I.numSunShadows!==m||I.numDirectionalShadows!==M||I.numPointShadows!==w||I.numSpotShadows!==_||I.numSpotMaps!==b||I.numLightProbes!==A)&&(i.sun.length=f,i.directional.length=p,i.spot.length=x,i.rectArea.length=S,i.point.length=g,i.hemi.length=v,i.sunShadow.length=m,i.sunShadowMap.length=m,i.sunShadowMatrix.length=y,i.sunShadowCascade.length=y,i.directionalShadow.length=M,i.directionalShadowMap.length=M,i.directionalShadowMatrix.length=M,i.pointShadow.length=w,i.pointShadowMap.length=w,i.pointShadowMatrix.length=w,i.spotShadow.length=_,i.spotShadowMap.length=_,i.spotLightMatrix.length=_+b-C,i.spotLightMap.length=b,i.numSpotLightShadowsWithMaps=C,i.numLightProbes=A,I.sunLength=f,I.directionalLength=p,I.pointLength=g,I.spotLength=x,I.rectAreaLength=S,I.hemiLength=v,I.numSunShadows=m,I.numDirectionalShadows=M,I.numPointShadows=w,I.numSpotShadows=_,I.numSpotMaps=b,I.numLightProbes=A,i.version=uv++)}function l(c,h){let u=0,d=0,f=0,m=0,y=0,p=0,g=h.matrixWorldInverse;for(let x=0,S=c.length;x<S;x++){let v=c[x];if(v.isSunLight){let M=i.sun[u];M.direction.setFromMatrixPosition(v.matrixWorld),M.direction.transformDirection(g),u++}else if(v.isDirectionalLight){let M=i.directional[d];M.direction.setFromMatrixPosition(v.matrixWorld),n.setFromMatrixPosition(v.target.matrixWorld),M.direction.sub(n),M.direction.transformDirection(g),d++}else if(v.isSpotLight){let M=i.spot[m];M.position.setFromMatrixPosition(v.matrixWorld),M.position.applyMatrix4(g),M.direction.setFromMatrixPosition(v.matrixWorld),n.setFromMatrixPosition(v.target.matrixWorld),M.direction.sub(n),M.direction.transformDirection(g),m++}else if(v.isRectAreaLight){let M=i.rectArea[y];M.position.setFromMatrixPosition(v.matrixWorld),M.position.applyMatrix4(g),o.identity(),r.copy(v.matrixWorld),r.premultiply(g),o.extractRotation(r),M.halfWidth.set(v.width*.5,0,0),M.halfHeight.set(0,v.height*.5,0),M.halfWidth.applyMatrix4(o),M.halfHeight.applyMatrix4(o),y++}else if(v.isPointLight){let M=i.point[f];M.position.setFromMatrixPosition(v.matrixWorld),M.position.applyMatrix4(g),f++}else if(v.isHemisphereLight){let M=i.hemi[p];M.direction.setFromMatrixPosition(v.matrixWorld),M.direction.transformDirection(g),p++}}}return{setup:a,setupView:l,state:i}}function Nf(s){let t=new fv(s),e=[],i=[],n=[];function r(u){h.camera=u,e.length=0,i.length=0,n.length=0}function o(u){u.isLightProbeGrid?n.push(u):e.push(u)}function a(u){i.push(u)}function l(){t.setup(e),n.sort((u,d)=>u.priority-d.priority||u.id-d.id)}function c(u){t.setupView(e,u)}let h={lightsArray:e,shadowsArray:i,lightProbeGridArray:n,camera:null,lights:t,transmissionRenderTarget:{},textureUnits:0};return{init:r,state:h,setupLights:l,setupLightsView:c,pushLight:o,pushShadow:a}}function pv(s){let t=new WeakMap;function e(n,r=0){let o=t.get(n),a;return o===void 0?(a=new Nf(s),t.set(n,[a])):r>=o.length?(a=new Nf(s),o.push(a)):a=o[r],a}function i(){t=new WeakMap}return{get:e,dispose:i}}function yv(s,t,e){let i=new di,n=new ut,r=new ut,o=new ve,a=new Sa,l=new ba,c={},h=e.maxTextureSize,u={[Hn]:Ye,[Ye]:Hn,[fn]:fn},d=new Jn({defines:{VSM_SAMPLES:8},uniforms:{shadow_pass:{value:null},resolution:{value:new ut},radius:{value:4}},vertexShader:mv,fragmentShader:gv}),f=d.clone();f.defines.HORIZONTAL_PASS=1;let m=new Te;m.setAttribute("position",new we(new Float32Array([-1,-1,.5,3,-1,.5,-1,3,.5]),3));let y=new Ee(m,d),p=this;this.enabled=!1,this.autoUpdate=!0,this.needsUpdate=!1,this.type=Yr;let g=this.type;this.render=function(w,_,b){if(p.enabled===!1||p.autoUpdate===!1&&p.needsUpdate===!1||w.length===0)return;this.type===Ad&&(Nt("WebGLShadowMap: PCFSoftShadowMap has been removed. Using PCFShadowMap instead."),this.type=Yr);let C=s.getRenderTarget(),A=s.getActiveCubeFace(),I=s.getActiveMipmapLevel(),R=s.state;R.setBlending(Qi),R.buffers.depth.getReversed()===!0?R.buffers.color.setClear(0,0,0,0):R.buffers.color.setClear(1,1,1,1),R.buffers.depth.setTest(!0),R.setScissorTest(!1);let F=g!==this.type;F&&_.traverse(function(L){L.material&&(Array.isArray(L.material)?L.material.forEach(k=>k.needsUpdate=!0):L.material.needsUpdate=!0)});for(let L=0,k=w.length;L<k;L++){let z=w[L],G=z.shadow;if(G===void 0){Nt("WebGLShadowMap:",z,"has no shadow.");continue}if(G.autoUpdate===!1&&G.needsUpdate===!1)continue;n.copy(G.mapSize);let it=G.getFrameExtents();n.multiply(it),r.copy(G.mapSize),(n.x>h||n.y>h)&&(n.x>h&&(r.x=Math.floor(h/it.x),n.x=r.x*it.x,G.mapSize.x=r.x),n.y>h&&(r.y=Math.floor(h/it.y),n.y=r.y*it.y,G.mapSize.y=r.y));let Y=s.state.buffers.depth.getReversed();if(G.camera._reversedDepth=Y,G.map===null||F===!0){if(G.map!==null&&(G.map.depthTexture!==null&&(G.map.depthTexture.dispose(),G.map.depthTexture=null),G.map.dispose()),this.type===Bs){if(z.isPointLight){Nt("WebGLShadowMap: VSM shadow maps are not supported for PointLights. Use PCF or BasicShadowMap instead.");continue}G.map=new Tn(n.x,n.y,{format:Li,type:Gn,minFilter:un,magFilter:un,generateMipmaps:!1}),G.map.texture.name=z.name+".shadowMap",G.map.depthTexture=new fi(n.x,n.y,Mn),G.map.depthTexture.name=z.name+".shadowMapDepth",G.map.depthTexture.format=ci,G.map.depthTexture.compareFunction=null,G.map.depthTexture.minFilter=Ve,G.map.depthTexture.magFilter=Ve}else z.isPointLight?(G.map=new so(n.x),G.map.depthTexture=new Lr(n.x,Nn)):(G.map=new Tn(n.x,n.y),G.map.depthTexture=new fi(n.x,n.y,Nn)),G.map.depthTexture.name=z.name+".shadowMap",G.map.depthTexture.format=ci,this.type===Yr?(G.map.depthTexture.compareFunction=Y?xh:_h,G.map.depthTexture.minFilter=un,G.map.depthTexture.magFilter=un):(G.map.depthTexture.compareFunction=null,G.map.depthTexture.minFilter=Ve,G.map.depthTexture.magFilter=Ve);G.camera.updateProjectionMatrix()}G.map.isWebGLCubeRenderTarget!==!0&&(G.map.width!==n.x||G.map.height!==n.y)&&G.map.setSize(n.x,n.y);let tt=G.map.isWebGLCubeRenderTarget?6:G.getViewportCount();z.isPointLight!==!0&&G.updateMatrices(z,b);let nt=(G.camera.layers.mask&4294967294)!==0?G.camera.layers:b.layers;for(let xt=0;xt<tt;xt++){let Dt=G.getCamera(xt);if(z.isPointLight){let J=G.camera,at=G.matrix,bt=z.distance||J.far;bt!==J.far&&(J.far=bt,J.updateProjectionMatrix()),no.setFromMatrixPosition(z.matrixWorld),J.position.copy(no),Dh.copy(J.position),Dh.add(_v[xt]),J.up.copy(xv[xt]),J.lookAt(Dh),J.updateMatrixWorld(),at.makeTranslation(-no.x,-no.y,-no.z),Uf.multiplyMatrices(J.projectionMatrix,J.matrixWorldInverse),G._frustum.setFromProjectionMatrix(Uf,J.coordinateSystem,J.reversedDepth)}if(G.map.isWebGLCubeRenderTarget)s.setRenderTarget(G.map,xt),s.clear();else{xt===0&&(s.setRenderTarget(G.map),s.clear());let J=G.getViewport(xt);o.set(r.x*J.x,r.y*J.y,r.x*J.z,r.y*J.w),R.viewport(o)}i=G.getFrustum(xt),v(_,b,Dt,z,nt,this.type)}G.isPointLightShadow!==!0&&this.type===Bs&&x(G,b),G.needsUpdate=!1}g=this.type,p.needsUpdate=!1,s.setRenderTarget(C,A,I)};function x(w,_){let b=t.update(y);d.defines.VSM_SAMPLES!==w.blurSamples&&(d.defines.VSM_SAMPLES=w.blurSamples,f.defines.VSM_SAMPLES=w.blurSamples,d.needsUpdate=!0,f.needsUpdate=!0),w.mapPass===null?w.mapPass=new Tn(n.x,n.y,{format:Li,type:Gn}):(w.mapPass.width!==w.map.width||w.mapPass.height!==w.map.height)&&w.mapPass.setSize(w.map.width,w.map.height),d.uniforms.shadow_pass.value=w.map.depthTexture,d.uniforms.resolution.value.set(w.map.width,w.map.height),d.uniforms.radius.value=w.radius,s.setRenderTarget(w.mapPass),s.clear(),s.renderBufferDirect(_,null,b,d,y,null),f.uniforms.shadow_pass.value=w.mapPass.texture,f.uniforms.resolution.value.set(w.map.width,w.map.height),f.uniforms.radius.value=w.radius,s.setRenderTarget(w.map),s.clear(),s.renderBufferDirect(_,null,b,f,y,null)}function S(w,_,b,C){let A=null,I=b.isPointLight===!0?w.customDistanceMaterial:w.customDepthMaterial;if(I!==void 0)A=I;else if(A=b.isPointLight===!0?l:a,s.localClippingEnabled&&_.clipShadows===!0&&Array.isArray(_.clippingPlanes)&&_.clippingPlanes.length!==0||_.displacementMap&&_.displacementScale!==0||_.alphaMap&&_.alphaTest>0||_.map&&_.alphaTest>0||_.alphaToCoverage===!0){let R=A.uuid,F=_.uuid,L=c[R];L===void 0&&(L={},c[R]=L);let k=L[F];k===void 0&&(k=A.clone(),L[F]=k,_.addEventListener("dispose",M)),A=k}if(A.visible=_.visible,A.wireframe=_.wireframe,C===Bs?A.side=_.shadowSide!==null?_.shadowSide:_.side:A.side=_.shadowSide!==null?_.shadowSide:u[_.side],A.alphaMap=_.alphaMap,A.alphaTest=_.alphaToCoverage===!0?.5:_.alphaTest,A.map=_.map,A.clipShadows=_.clipShadows,A.clippingPlanes=_.clippingPlanes,A.clipIntersection=_.clipIntersection,A.displacementMap=_.displacementMap,A.displacementScale=_.displacementScale,A.displacementBias=_.displacementBias,A.wireframeLinewidth=_.wireframeLinewidth,A.linewidth=_.linewidth,b.isPointLight===!0&&A.isMeshDistanceMaterial===!0){let R=s.properties.get(A);R.light=b}return A}function v(w,_,b,C,A,I){if(w.visible===!1)return;if(w.layers.test(A)&&(w.isMesh||w.isLine||w.isPoints)&&(w.castShadow||w.receiveShadow&&I===Bs)&&(!w.frustumCulled||w.intersectsFrustum(i))){w.modelViewMatrix.multiplyMatrices(b.matrixWorldInverse,w.matrixWorld);let L=t.update(w),k=w.material;if(Array.isArray(k)){let z=L.groups;for(let G=0,it=z.length;G<it;G++){let Y=z[G],tt=k[Y.materialIndex];if(tt&&tt.visible){let nt=S(w,tt,C,I);w.onBeforeShadow(s,w,_,b,L,nt,Y),s.renderBufferDirect(b,null,L,nt,w,Y),w.onAfterShadow(s,w,_,b,L,nt,Y)}}}else if(k.visible){let z=S(w,k,C,I);w.onBeforeShadow(s,w,_,b,L,z,null),s.renderBufferDirect(b,null,L,z,w,null),w.onAfterShadow(s,w,_,b,L,z,null)}}let F=w.children;for(let L=0,k=F.length;L<k;L++)v(F[L],_,b,C,A,I)}function M(w){w.target.removeEventListener("dispose",M);for(let b in c){let C=c[b],A=w.target.uuid;A in C&&(C[A].dispose(),delete C[A])}}}function vv(s,t){function e(){let O=!1,j=new ve,$=null,ft=new ve(0,0,0,0);return{setMask:function(ot){$!==ot&&!O&&(s.colorMask(ot,ot,ot,ot),$=ot)},setLocked:function(ot){O=ot},setClear:function(ot,ht,Pt,Yt,rt){rt===!0&&(ot*=Yt,ht*=Yt,Pt*=Yt),j.set(ot,ht,Pt,Yt),ft.equals(j)===!1&&(s.clearColor(ot,ht,Pt,Yt),ft.copy(j))},reset:function(){O=!1,$=null,ft.set(-1,0,0,0)}}}function i(){let O=!1,j=!1,$=null,ft=null,ot=null;return{setReversed:function(ht){if(j!==ht){let Pt=t.get("EXT_clip_control");ht?Pt.clipControlEXT(Pt.LOWER_LEFT_EXT,Pt.ZERO_TO_ONE_EXT):Pt.clipControlEXT(Pt.LOWER_LEFT_EXT,Pt.NEGATIVE_ONE_TO_ONE_EXT),j=ht;let Yt=ot;ot=null,this.setClear(Yt)}},getReversed:function(){return j},setTest:function(ht){ht?_t(s.DEPTH_TEST):Ft(s.DEPTH_TEST)},setMask:function(ht){$!==ht&&!O&&(s.depthMask(ht),$=ht)},setFunc:function(ht){if(j&&(ht=lf[ht]),ft!==ht){switch(ht){case Ko:s.depthFunc(s.NEVER);break;case jo:s.depthFunc(s.ALWAYS);break;case Qo:s.depthFunc(s.LESS);break;case ws:s.depthFunc(s.LEQUAL);break;case ta:s.depthFunc(s.EQUAL);break;case ea:s.depthFunc(s.GEQUAL);break;case na:s.depthFunc(s.GREATER);break;case ia:s.depthFunc(s.NOTEQUAL);break;default:s.depthFunc(s.LEQUAL)}ft=ht}},setLocked:function(ht){O=ht},setClear:function(ht){ot!==ht&&(ot=ht,j&&(ht=1-ht),s.clearDepth(ht))},reset:function(){O=!1,$=null,ft=null,ot=null,j=!1}}}function n(){let O=!1,j=null,$=null,ft=null,ot=null,ht=null,Pt=null,Yt=null,rt=null;return{setTest:function(Lt){O||(Lt?_t(s.STENCIL_TEST):Ft(s.STENCIL_TEST))},setMask:function(Lt){j!==Lt&&!O&&(s.stencilMask(Lt),j=Lt)},setFunc:function(Lt,Xt,yt){($!==Lt||ft!==Xt||ot!==yt)&&(s.stencilFunc(Lt,Xt,yt),$=Lt,ft=Xt,ot=yt)},setOp:function(Lt,Xt,yt){(ht!==Lt||Pt!==Xt||Yt!==yt)&&(s.stencilOp(Lt,Xt,yt),ht=Lt,Pt=Xt,Yt=yt)},setLocked:function(Lt){O=Lt},setClear:function(Lt){rt!==Lt&&(s.clearStencil(Lt),rt=Lt)},reset:function(){O=!1,j=null,$=null,ft=null,ot=null,ht=null,Pt=null,Yt=null,rt=null}}}let r=new e,o=new i,a=new n,l={},c=new WeakMap,h={},u={},d={},f=new WeakMap,m=[],y=null,p=!1,g=null,x=null,S=null,v=null,M=null,w=null,_=null,b=new qt(0,0,0),C=0,A=!1,I=null,R=null,F=null,L=null,k=null,z=s.getParameter(s.MAX_COMBINED_TEXTURE_IMAGE_UNITS),G=!1,it=0,Y=s.getParameter(s.VERSION);Y.indexOf("WebGL")!==-1?(it=parseFloat(/^WebGL (\d)/.exec(Y)[1]),G=it>=1):Y.indexOf("OpenGL ES")!==-1&&(it=parseFloat(/^OpenGL ES (\d)/.exec(Y)[1]),G=it>=2);let tt=null,nt={},xt=s.getParameter(s.SCISSOR_BOX),Dt=s.getParameter(s.VIEWPORT),J=new ve().fromArray(xt),at=new ve().fromArray(Dt);function bt(O,j,$,ft){let ot=new Uint8Array(4),ht=s.createTexture();s.bindTexture(O,ht),s.texParameteri(O,s.TEXTURE_MIN_FILTER,s.NEAREST),s.texParameteri(O,s.TEXTURE_MAG_FILTER,s.NEAREST);for(let Pt=0;Pt<$;Pt++)O===s.TEXTURE_3D||O===s.TEXTURE_2D_ARRAY?s.texImage3D(j,0,s.RGBA,1,1,ft,0,s.RGBA,s.UNSIGNED_BYTE,ot):s.texImage2D(j+Pt,0,s.RGBA,1,1,0,s.RGBA,s.UNSIGNED_BYTE,ot);return ht}let Rt={};Rt[s.TEXTURE_2D]=bt(s.TEXTURE_2D,s.TEXTURE_2D,1),Rt[s.TEXTURE_CUBE_MAP]=bt(s.TEXTURE_CUBE_MAP,s.TEXTURE_CUBE_MAP_POSITIVE_X,6),Rt[s.TEXTURE_2D_ARRAY]=bt(s.TEXTURE_2D_ARRAY,s.TEXTURE_2D_ARRAY,1,1),Rt[s.TEXTURE_3D]=bt(s.TEXTURE_3D,s.TEXTURE_3D,1,1),r.setClear(0,0,0,1),o.setClear(1),a.setClear(0),_t(s.DEPTH_TEST),o.setFunc(ws),Ge(!1),ge(Jc),_t(s.CULL_FACE),Ie(Qi);function _t(O){h[O]!==!0&&(s.enable(O),h[O]=!0)}function Ft(O){h[O]!==!1&&(s.disable(O),h[O]=!1)}function xe(O,j){return d[O]!==j?(s.bindFramebuffer(O,j),d[O]=j,O===s.DRAW_FRAMEBUFFER&&(d[s.FRAMEBUFFER]=j),O===s.FRAMEBUFFER&&(d[s.DRAW_FRAMEBUFFER]=j),!0):!1}function Ct(O,j){let $=m,ft=!1;if(O){$=f.get(j),$===void 0&&($=[],f.set(j,$));let ot=O.textures;if($.length!==ot.length||$[0]!==s.COLOR_ATTACHMENT0){for(let ht=0,Pt=ot.length;ht<Pt;ht++)$[ht]=s.COLOR_ATTACHMENT0+ht;$.length=ot.length,ft=!0}}else $[0]!==s.BACK&&($[0]=s.BACK,ft=!0);ft&&s.drawBuffers($)}function Zt(O){return y!==O?(s.useProgram(O),y=O,!0):!1}let ee={[ts]:s.FUNC_ADD,[Rd]:s.FUNC_SUBTRACT,[Pd]:s.FUNC_REVERSE_SUBTRACT};ee[Id]=s.MIN,ee[Ld]=s.MAX;let Gt={[Dd]:s.ZERO,[Nd]:s.ONE,[Ud]:s.SRC_COLOR,[th]:s.SRC_ALPHA,[Vd]:s.SRC_ALPHA_SATURATE,[kd]:s.DST_COLOR,[Od]:s.DST_ALPHA,[Fd]:s.ONE_MINUS_SRC_COLOR,[eh]:s.ONE_MINUS_SRC_ALPHA,[zd]:s.ONE_MINUS_DST_COLOR,[Bd]:s.ONE_MINUS_DST_ALPHA,[Hd]:s.CONSTANT_COLOR,[Gd]:s.ONE_MINUS_CONSTANT_COLOR,[Wd]:s.CONSTANT_ALPHA,[qd]:s.ONE_MINUS_CONSTANT_ALPHA};function Ie(O,j,$,ft,ot,ht,Pt,Yt,rt,Lt){if(O===Qi){p===!0&&(Ft(s.BLEND),p=!1);return}if(p===!1&&(_t(s.BLEND),p=!0),O!==Cd){if(O!==g||Lt!==A){if((x!==ts||M!==ts)&&(s.blendEquation(s.FUNC_ADD),x=ts,M=ts),Lt)switch(O){case ks:s.blendFuncSeparate(s.ONE,s.ONE_MINUS_SRC_ALPHA,s.ONE,s.ONE_MINUS_SRC_ALPHA);break;case Kc:s.blendFunc(s.ONE,s.ONE);break;case jc:s.blendFuncSeparate(s.ZERO,s.ONE_MINUS_SRC_COLOR,s.ZERO,s.ONE);break;case Qc:s.blendFuncSeparate(s.DST_COLOR,s.ONE_MINUS_SRC_ALPHA,s.ZERO,s.ONE);break;default:Bt("WebGLState: Invalid blending: ",O);break}else switch(O){case ks:s.blendFuncSeparate(s.SRC_ALPHA,s.ONE_MINUS_SRC_ALPHA,s.ONE,s.ONE_MINUS_SRC_ALPHA);break;case Kc:s.blendFuncSeparate(s.SRC_ALPHA,s.ONE,s.ONE,s.ONE);break;case jc:Bt("WebGLState: SubtractiveBlending requires material.premultipliedAlpha = true");break;case Qc:Bt("WebGLState: MultiplyBlending requires material.premultipliedAlpha = true");break;default:Bt("WebGLState: Invalid blending: ",O);break}S=null,v=null,w=null,_=null,b.set(0,0,0),C=0,g=O,A=Lt}return}ot=ot||j,ht=ht||$,Pt=Pt||ft,(j!==x||ot!==M)&&(s.blendEquationSeparate(ee[j],ee[ot]),x=j,M=ot),($!==S||ft!==v||ht!==w||Pt!==_)&&(s.blendFuncSeparate(Gt[$],Gt[ft],Gt[ht],Gt[Pt]),S=$,v=ft,w=ht,_=Pt),(Yt.equals(b)===!1||rt!==C)&&(s.blendColor(Yt.r,Yt.g,Yt.b,rt),b.copy(Yt),C=rt),g=O,A=!1}function Se(O,j){O.side===fn?Ft(s.CULL_FACE):_t(s.CULL_FACE);let $=O.side===Ye;j&&($=!$),Ge($),O.blending===ks&&O.transparent===!1?Ie(Qi):Ie(O.blending,O.blendEquation,O.blendSrc,O.blendDst,O.blendEquationAlpha,O.blendSrcAlpha,O.blendDstAlpha,O.blendColor,O.blendAlpha,O.premultipliedAlpha),o.setFunc(O.depthFunc),o.setTest(O.depthTest),o.setMask(O.depthWrite),r.setMask(O.colorWrite);let ft=O.stencilWrite;a.setTest(ft),ft&&(a.setMask(O.stencilWriteMask),a.setFunc(O.stencilFunc,O.stencilRef,O.stencilFuncMask),a.setOp(O.stencilFail,O.stencilZFail,O.stencilZPass)),Re(O.polygonOffset,O.polygonOffsetFactor,O.polygonOffsetUnits),O.alphaToCoverage===!0?_t(s.SAMPLE_ALPHA_TO_COVERAGE):Ft(s.SAMPLE_ALPHA_TO_COVERAGE)}function Ge(O){I!==O&&(O?s.frontFace(s.CW):s.frontFace(s.CCW),I=O)}function ge(O){O!==Td?(_t(s.CULL_FACE),O!==R&&(O===Jc?s.cullFace(s.BACK):O===Ed?s.cullFace(s.FRONT):s.cullFace(s.FRONT_AND_BACK))):Ft(s.CULL_FACE),R=O}function on(O){O!==F&&(G&&s.lineWidth(O),F=O)}function Re(O,j,$){O?(_t(s.POLYGON_OFFSET_FILL),(L!==j||k!==$)&&(L=j,k=$,o.getReversed()&&(j=-j,$=-$),s.polygonOffset(j,$))):Ft(s.POLYGON_OFFSET_FILL)}function U(O){O?_t(s.SCISSOR_TEST):Ft(s.SCISSOR_TEST)}function q(O){O===void 0&&(O=s.TEXTURE0+z-1),tt!==O&&(s.activeTexture(O),tt=O)}function Q(O,j,$){$===void 0&&(tt===null?$=s.TEXTURE0+z-1:$=tt);let ft=nt[$];ft===void 0&&(ft={type:void 0,texture:void 0},nt[$]=ft),(ft.type!==O||ft.texture!==j)&&(tt!==$&&(s.activeTexture($),tt=$),s.bindTexture(O,j||Rt[O]),ft.type=O,ft.texture=j)}function N(){let O=nt[tt];O!==void 0&&O.type!==void 0&&(s.bindTexture(O.type,null),O.type=void 0,O.texture=void 0)}function Ot(){try{s.compressedTexImage2D(...arguments)}catch(O){Bt("WebGLState:",O)}}function Mt(){try{s.compressedTexImage3D(...arguments)}catch(O){Bt("WebGLState:",O)}}function Jt(){try{s.texSubImage2D(...arguments)}catch(O){Bt("WebGLState:",O)}}function lt(){try{s.texSubImage3D(...arguments)}catch(O){Bt("WebGLState:",O)}}function be(){try{s.compressedTexSubImage2D(...arguments)}catch(O){Bt("WebGLState:",O)}}function Ut(){try{s.compressedTexSubImage3D(...arguments)}catch(O){Bt("WebGLState:",O)}}function Ht(){try{s.texStorage2D(...arguments)}catch(O){Bt("WebGLState:",O)}}function D(){try{s.texStorage3D(...arguments)}catch(O){Bt("WebGLState:",O)}}function T(){try{s.texImage2D(...arguments)}catch(O){Bt("WebGLState:",O)}}function H(){try{s.texImage3D(...arguments)}catch(O){Bt("WebGLState:",O)}}function st(O){return u[O]!==void 0?u[O]:s.getParameter(O)}function et(O,j){u[O]!==j&&(s.pixelStorei(O,j),u[O]=j)}function ct(O){J.equals(O)===!1&&(s.scissor(O.x,O.y,O.z,O.w),J.copy(O))}function mt(O){at.equals(O)===!1&&(s.viewport(O.x,O.y,O.z,O.w),at.copy(O))}function Z(O,j){let $=c.get(j);$===void 0&&($=new WeakMap,c.set(j,$));let ft=$.get(O);ft===void 0&&(ft=s.getUniformBlockIndex(j,O.name),s.uniformBlockBinding(j,ft,ft),$.set(O,ft))}function K(O,j,$){let ot=c.get(j).get(O);l[ot]!==$&&(s.bindBufferBase(s.UNIFORM_BUFFER,ot,$),l[ot]=$)}function dt(){s.disable(s.BLEND),s.disable(s.CULL_FACE),s.disable(s.DEPTH_TEST),s.disable(s.POLYGON_OFFSET_FILL),s.disable(s.SCISSOR_TEST),s.disable(s.STENCIL_TEST),s.disable(s.SAMPLE_ALPHA_TO_COVERAGE),s.blendEquation(s.FUNC_ADD),s.blendFunc(s.ONE,s.ZERO),s.blendFuncSeparate(s.ONE,s.ZERO,s.ONE,s.ZERO),s.blendColor(0,0,0,0),s.colorMask(!0,!0,!0,!0),s.clearColor(0,0,0,0),s.depthMask(!0),s.depthFunc(s.LESS),o.setReversed(!1),s.clearDepth(1),s.stencilMask(4294967295),s.stencilFunc(s.ALWAYS,0,4294967295),s.stencilOp(s.KEEP,s.KEEP,s.KEEP),s.clearStencil(0),s.cullFace(s.BACK),s.frontFace(s.CCW),s.polygonOffset(0,0),s.activeTexture(s.TEXTURE0),s.bindFramebuffer(s.FRAMEBUFFER,null),s.bindFramebuffer(s.DRAW_FRAMEBUFFER,null),s.bindFramebuffer(s.READ_FRAMEBUFFER,null),s.useProgram(null),s.lineWidth(1),s.scissor(0,0,s.canvas.width,s.canvas.height),s.viewport(0,0,s.canvas.width,s.canvas.height),s.pixelStorei(s.PACK_ALIGNMENT,4),s.pixelStorei(s.UNPACK_ALIGNMENT,4),s.pixelStorei(s.UNPACK_FLIP_Y_WEBGL,!1),s.pixelStorei(s.UNPACK_PREMULTIPLY_ALPHA_WEBGL,!1),s.pixelStorei(s.UNPACK_COLORSPACE_CONVERSION_WEBGL,s.BROWSER_DEFAULT_WEBGL),s.pixelStorei(s.PACK_ROW_LENGTH,0),s.pixelStorei(s.PACK_SKIP_PIXELS,0),s.pixelStorei(s.PACK_SKIP_ROWS,0),s.pixelStorei(s.UNPACK_ROW_LENGTH,0),s.pixelStorei(s.UNPACK_IMAGE_HEIGHT,0),s.pixelStorei(s.UNPACK_SKIP_PIXELS,0),s.pixelStorei(s.UNPACK_SKIP_ROWS,0),s.pixelStorei(s.UNPACK_SKIP_IMAGES,0),h={},u={},tt=null,nt={},d={},l={},f=new WeakMap,m=[],y=null,p=!1,g=null,x=null,S=null,v=null,M=null,w=null,_=null,b=new qt(0,0,0),C=0,A=!1,I=null,R=null,F=null,L=null,k=null,J.set(0,0,s.canvas.width,s.canvas.height),at.set(0,0,s.canvas.width,s.canvas.height),r.reset(),o.reset(),a.reset()}return{buffers:{color:r,depth:o,stencil:a},enable:_t,disable:Ft,bindFramebuffer:xe,drawBuffers:Ct,useProgram:Zt,setBlending:Ie,setMaterial:Se,setFlipSided:Ge,setCullFace:ge,setLineWidth:on,setPolygonOffset:Re,setScissorTest:U,activeTexture:q,bindTexture:Q,unbindTexture:N,compressedTexImage2D:Ot,compressedTexImage3D:Mt,texImage2D:T,texImage3D:H,pixelStorei:et,getParameter:st,updateUBOMapping:Z,uniformBlockBinding:K,texStorage2D:Ht,texStorage3D:D,texSubImage2D:Jt,texSubImage3D:lt,compressedTexSubImage2D:be,compressedTexSubImage3D:Ut,scissor:ct,viewport:mt,reset:dt}}function Sv(s,t,e,i,n,r,o){let a=t.has("WEBGL_multisampled_render_to_texture")?t.get("WEBGL_multisampled_render_to_texture"):null,l=typeof navigator>"u"?!1:/OculusBrowser/g.test(navigator.userAgent),c=new ut,h=new WeakMap,u=new Set,d,f=new WeakMap,m=new Set,y=new FinalizationRegistry(D=>m.delete(D)),p=!1;try{p=typeof OffscreenCanvas<"u"&&new OffscreenCanvas(1,1).getContext("2d")!==null}catch{}function g(D,T){return p?new OffscreenCanvas(D,T):wr("canvas")}function x(D,T,H){let st=1,et=Ht(D);if((et.width>H||et.height>H)&&(st=H/Math.max(et.width,et.height)),st<1)if(typeof HTMLImageElement<"u"&&D instanceof HTMLImageElement||typeof HTMLCanvasElement<"u"&&D instanceof HTMLCanvasElement||typeof ImageBitmap<"u"&&D instanceof ImageBitmap||typeof VideoFrame<"u"&&D instanceof VideoFrame){let ct=Math.floor(st*et.width),mt=Math.floor(st*et.height);d===void 0&&(d=g(ct,mt));let Z=T?g(ct,mt):d;return Z.width=ct,Z.height=mt,Z.getContext("2d").drawImage(D,0,0,ct,mt),Nt("WebGLRenderer: Texture has been resized from ("+et.width+"x"+et.height+") to ("+ct+"x"+mt+")."),Z}else return"data"in D&&Nt("WebGLRenderer: Image in DataTexture is too big ("+et.width+"x"+et.height+")."),D;return D}function S(D){return D.generateMipmaps}function v(D){s.generateMipmap(D)}function M(D){return D.isWebGLCubeRenderTarget?s.TEXTURE_CUBE_MAP:D.isWebGL3DRenderTarget?s.TEXTURE_3D:D.isWebGLArrayRenderTarget||D.isCompressedArrayTexture?s.TEXTURE_2D_ARRAY:s.TEXTURE_2D}function w(D,T,H,st,et,ct=!1){if(D!==null){if(s[D]!==void 0)return s[D];Nt("WebGLRenderer: Attempt to use non-existing WebGL internal format '"+D+"'")}let mt;st&&(mt=t.get("EXT_texture_norm16"),mt||Nt("WebGLRenderer: Unable to use normalized textures without EXT_texture_norm16 extension"));let Z=T;if(T===s.RED&&(H===s.FLOAT&&(Z=s.R32F),H===s.HALF_FLOAT&&(Z=s.R16F),H===s.UNSIGNED_BYTE&&(Z=s.R8),H===s.UNSIGNED_SHORT&&mt&&(Z=mt.R16_EXT),H===s.SHORT&&mt&&(Z=mt.R16_SNORM_EXT)),T===s.RED_INTEGER&&(H===s.UNSIGNED_BYTE&&(Z=s.R8UI),H===s.UNSIGNED_SHORT&&(Z=s.R16UI),H===s.UNSIGNED_INT&&(Z=s.R32UI),H===s.BYTE&&(Z=s.R8I),H===s.SHORT&&(Z=s.R16I),H===s.INT&&(Z=s.R32I)),T===s.RG&&(H===s.FLOAT&&(Z=s.RG32F),H===s.HALF_FLOAT&&(Z=s.RG16F),H===s.UNSIGNED_BYTE&&(Z=s.RG8),H===s.UNSIGNED_SHORT&&mt&&(Z=mt.RG16_EXT),H===s.SHORT&&mt&&(Z=mt.RG16_SNORM_EXT)),T===s.RG_INTEGER&&(H===s.UNSIGNED_BYTE&&(Z=s.RG8UI),H===s.UNSIGNED_SHORT&&(Z=s.RG16UI),H===s.UNSIGNED_INT&&(Z=s.RG32UI),H===s.BYTE&&(Z=s.RG8I),H===s.SHORT&&(Z=s.RG16I),H===s.INT&&(Z=s.RG32I)),T===s.RGB_INTEGER&&(H===s.UNSIGNED_BYTE&&(Z=s.RGB8UI),H===s.UNSIGNED_SHORT&&(Z=s.RGB16UI),H===s.UNSIGNED_INT&&(Z=s.RGB32UI),H===s.BYTE&&(Z=s.RGB8I),H===s.SHORT&&(Z=s.RGB16I),H===s.INT&&(Z=s.RGB32I)),T===s.RGBA_INTEGER&&(H===s.UNSIGNED_BYTE&&(Z=s.RGBA8UI),H===s.UNSIGNED_SHORT&&(Z=s.RGBA16UI),H===s.UNSIGNED_INT&&(Z=s.RGBA32UI),H===s.BYTE&&(Z=s.RGBA8I),H===s.SHORT&&(Z=s.RGBA16I),H===s.INT&&(Z=s.RGBA32I)),T===s.RGB&&(H===s.UNSIGNED_SHORT&&mt&&(Z=mt.RGB16_EXT),H===s.SHORT&&mt&&(Z=mt.RGB16_SNORM_EXT),H===s.UNSIGNED_INT_5_9_9_9_REV&&(Z=s.RGB9_E5),H===s.UNSIGNED_INT_10F_11F_11F_REV&&(Z=s.R11F_G11F_B10F)),T===s.RGBA){let K=ct?Mr:Kt.getTransfer(et);H===s.FLOAT&&(Z=s.RGBA32F),H===s.HALF_FLOAT&&(Z=s.RGBA16F),H===s.UNSIGNED_BYTE&&(Z=K===ce?s.SRGB8_ALPHA8:s.RGBA8),H===s.UNSIGNED_SHORT&&mt&&(Z=mt.RGBA16_EXT),H===s.SHORT&&mt&&(Z=mt.RGBA16_SNORM_EXT),H===s.UNSIGNED_SHORT_4_4_4_4&&(Z=s.RGBA4),H===s.UNSIGNED_SHORT_5_5_5_1&&(Z=s.RGB5_A1)}return(Z===s.R16F||Z===s.R32F||Z===s.RG16F||Z===s.RG32F||Z===s.RGBA16F||Z===s.RGBA32F)&&t.get("EXT_color_buffer_float"),Z}function _(D,T){let H;return D?T===null||T===Nn||T===ns?H=s.DEPTH24_STENCIL8:T===Mn?H=s.DEPTH32F_STENCIL8:T===Vs&&(H=s.DEPTH24_STENCIL8,Nt("DepthTexture: 16 bit depth attachment is not supported with stencil. Using 24-bit attachment.")):T===null||T===Nn||T===ns?H=s.DEPTH_COMPONENT24:T===Mn?H=s.DEPTH_COMPONENT32F:T===Vs&&(H=s.DEPTH_COMPONENT16),H}function b(D,T){return S(D)===!0||D.isFramebufferTexture&&D.minFilter!==Ve&&D.minFilter!==un?Math.log2(Math.max(T.width,T.height))+1:D.mipmaps.length>0?D.mipmaps.length:D.isCompressedTexture&&Array.isArray(D.image)?T.mipmaps.length:1}function C(D){let T=new WeakRef(D);i.get(D).__ref=T,m.add(T),y.register(D,T,T)}function A(D){let T=i.get(D).__ref;T!==void 0&&(m.delete(T),y.unregister(T))}function I(D){F(D.target)}function R(D){L(D.target)}function F(D){D.removeEventListener("dispose",I),A(D),z(D),D.isVideoTexture&&h.delete(D),D.isHTMLTexture&&u.delete(D)}function L(D){D.removeEventListener("dispose",R),A(D),it(D)}function k(){for(let D of m){let T=D.deref();T!==void 0&&(T.isRenderTarget===!0?L(T):F(T))}m.clear(),u.clear()}function z(D){let T=i.get(D);if(T.__webglInit===void 0)return;let H=D.source,st=f.get(H);if(st){let et=st[T.__cacheKey];et.usedTimes--,et.usedTimes===0&&G(D),Object.keys(st).length===0&&f.delete(H)}i.remove(D)}function G(D){let T=i.get(D);s.deleteTexture(T.__webglTexture);let H=D.source,st=f.get(H);delete st[T.__cacheKey],o.memory.textures--}function it(D){let T=i.get(D);T.__depthDisposeCallback&&T.__depthDisposeCallback();let H=D.depthTexture;if(H&&H.renderTarget===D&&F(H),D.isWebGLCubeRenderTarget)for(let et=0;et<6;et++){if(Array.isArray(T.__webglFramebuffer[et]))for(let ct=0;ct<T.__webglFramebuffer[et].length;ct++)s.deleteFramebuffer(T.__webglFramebuffer[et][ct]);else s.deleteFramebuffer(T.__webglFramebuffer[et]);T.__webglDepthbuffer&&s.deleteRenderbuffer(T.__webglDepthbuffer[et])}else{if(Array.isArray(T.__webglFramebuffer))for(let et=0;et<T.__webglFramebuffer.length;et++)s.deleteFramebuffer(T.__webglFramebuffer[et]);else s.deleteFramebuffer(T.__webglFramebuffer);if(T.__webglDepthbuffer&&s.deleteRenderbuffer(T.__webglDepthbuffer),T.__webglMultisampledFramebuffer&&s.deleteFramebuffer(T.__webglMultisampledFramebuffer),T.__webglColorRenderbuffer)for(let et=0;et<T.__webglColorRenderbuffer.length;et++)T.__webglColorRenderbuffer[et]&&s.deleteRenderbuffer(T.__webglColorRenderbuffer[et]);T.__webglDepthRenderbuffer&&s.deleteRenderbuffer(T.__webglDepthRenderbuffer)}let st=D.textures;for(let et=0,ct=st.length;et<ct;et++){let mt=i.get(st[et]);mt.__webglTexture&&(s.deleteTexture(mt.__webglTexture),o.memory.textures--),i.remove(st[et])}i.remove(D)}let Y=0;function tt(){Y=0}function nt(){return Y}function xt(D){Y=D}function Dt(){let D=Y;return D>=n.maxTextures&&Nt("WebGLTextures: Trying to use "+(D+1)+" texture units while this GPU supports only "+n.maxTextures),Y+=1,D}function J(D){let T=[];return T.push(D.wrapS),T.push(D.wrapT),T.push(D.wrapR||0),T.push(D.magFilter),T.push(D.minFilter),T.push(D.anisotropy),T.push(D.internalFormat),T.push(D.format),T.push(D.type),T.push(D.generateMipmaps),T.push(D.mipmapsAutoUpdate),T.push(D.premultiplyAlpha),T.push(D.flipY),T.push(D.unpackAlignment),T.push(D.colorSpace),T.join()}function at(D,T){let H=i.get(D);if(D.isVideoTexture&&be(D),D.isRenderTargetTexture===!1&&D.isExternalTexture!==!0&&D.version>0&&H.__version!==D.version){let st=D.image;if(st===null)Nt("WebGLRenderer: Texture marked for update but no image data found.");else if(st.complete===!1)Nt("WebGLRenderer: Texture marked for update but image is incomplete");else{Se(H,D,T);return}}else D.isExternalTexture&&(H.__webglTexture=D.sourceTexture?D.sourceTexture:null);e.bindTexture(s.TEXTURE_2D,H.__webglTexture,s.TEXTURE0+T)}function bt(D,T){let H=i.get(D);if(D.isRenderTargetTexture===!1&&D.version>0&&H.__version!==D.version){Se(H,D,T);return}else D.isExternalTexture&&(H.__webglTexture=D.sourceTexture?D.sourceTexture:null);e.bindTexture(s.TEXTURE_2D_ARRAY,H.__webglTexture,s.TEXTURE0+T)}function Rt(D,T){let H=i.get(D);if(D.isRenderTargetTexture===!1&&D.version>0&&H.__version!==D.version){Se(H,D,T);return}e.bindTexture(s.TEXTURE_3D,H.__webglTexture,s.TEXTURE0+T)}function _t(D,T){let H=i.get(D);if(D.version>0&&H.__version!==D.version){Ge(H,D,T);return}e.bindTexture(s.TEXTURE_CUBE_MAP,H.__webglTexture,s.TEXTURE0+T)}let Ft={[sa]:s.REPEAT,[$n]:s.CLAMP_TO_EDGE,[ra]:s.MIRRORED_REPEAT},xe={[Ve]:s.NEAREST,[$d]:s.NEAREST_MIPMAP_NEAREST,[$r]:s.NEAREST_MIPMAP_LINEAR,[un]:s.LINEAR,[Ba]:s.LINEAR_MIPMAP_NEAREST,[pi]:s.LINEAR_MIPMAP_LINEAR},Ct={[jd]:s.NEVER,[yh]:s.ALWAYS,[Qd]:s.LESS,[_h]:s.LEQUAL,[tf]:s.EQUAL,[xh]:s.GEQUAL,[ef]:s.GREATER,[nf]:s.NOTEQUAL};function Zt(D,T){if(T.type===Mn&&t.has("OES_texture_float_linear")===!1&&(T.magFilter===un||T.magFilter===Ba||T.magFilter===$r||T.magFilter===pi||T.minFilter===un||T.minFilter===Ba||T.minFilter===$r||T.minFilter===pi)&&Nt("WebGLRenderer: Unable to use linear filtering with floating point textures. OES_texture_float_linear not supported on this device."),s.texParameteri(D,s.TEXTURE_WRAP_S,Ft[T.wrapS]),s.texParameteri(D,s.TEXTURE_WRAP_T,Ft[T.wrapT]),(D===s.TEXTURE_3D||D===s.TEXTURE_2D_ARRAY)&&s.texParameteri(D,s.TEXTURE_WRAP_R,Ft[T.wrapR]),s.texParameteri(D,s.TEXTURE_MAG_FILTER,xe[T.magFilter]),s.texParameteri(D,s.TEXTURE_MIN_FILTER,xe[T.minFilter]),T.compareFunction&&(s.texParameteri(D,s.TEXTURE_COMPARE_MODE,s.COMPARE_REF_TO_TEXTURE),s.texParameteri(D,s.TEXTURE_COMPARE_FUNC,Ct[T.compareFunction])),t.has("EXT_texture_filter_anisotropic")===!0){if(T.magFilter===Ve||T.minFilter!==$r&&T.minFilter!==pi||T.type===Mn&&t.has("OES_texture_float_linear")===!1)return;if(T.anisotropy>1||i.get(T).__currentAnisotropy){let H=t.get("EXT_texture_filter_anisotropic");s.texParameterf(D,H.TEXTURE_MAX_ANISOTROPY_EXT,Math.min(T.anisotropy,n.getMaxAnisotropy())),i.get(T).__currentAnisotropy=T.anisotropy}}}function ee(D,T){let H=!1;D.__webglInit===void 0&&(D.__webglInit=!0,T.addEventListener("dispose",I),C(T));let st=T.source,et=f.get(st);et===void 0&&(et={},f.set(st,et));let ct=J(T);if(ct!==D.__cacheKey){et[ct]===void 0&&(et[ct]={texture:s.createTexture(),usedTimes:0},o.memory.textures++,H=!0),et[ct].usedTimes++;let mt=et[D.__cacheKey];mt!==void 0&&(et[D.__cacheKey].usedTimes--,mt.usedTimes===0&&G(T)),D.__cacheKey=ct,D.__webglTexture=et[ct].texture}return H}function Gt(D,T,H){return Math.floor(Math.floor(D/H)/T)}function Ie(D,T,H,st){let ct=D.updateRanges;if(ct.length===0)e.texSubImage2D(s.TEXTURE_2D,0,0,0,T.width,T.height,H,st,T.data);else{ct.sort((O,j)=>O.start-j.start);let mt=0;for(let O=1;O<ct.length;O++){let j=ct[mt],$=ct[O],ft=j.start+j.count,ot=Gt($.start,T.width,4),ht=Gt(j.start,T.width,4);$.start<=ft+1&&ot===ht&&Gt($.start+$.count-1,T.width,4)===ot?j.count=Math.max(j.count,$.start+$.count-j.start):(++mt,ct[mt]=$)}ct.length=mt+1;let Z=e.getParameter(s.UNPACK_ROW_LENGTH),K=e.getParameter(s.UNPACK_SKIP_PIXELS),dt=e.getParameter(s.UNPACK_SKIP_ROWS);e.pixelStorei(s.UNPACK_ROW_LENGTH,T.width);for(let O=0,j=ct.length;O<j;O++){let $=ct[O],ft=Math.floor($.start/4),ot=Math.ceil($.count/4),ht=ft%T.width,Pt=Math.floor(ft/T.width),Yt=ot,rt=1;e.pixelStorei(s.UNPACK_SKIP_PIXELS,ht),e.pixelStorei(s.UNPACK_SKIP_ROWS,Pt),e.texSubImage2D(s.TEXTURE_2D,0,ht,Pt,Yt,rt,H,st,T.data)}D.clearUpdateRanges(),e.pixelStorei(s.UNPACK_ROW_LENGTH,Z),e.pixelStorei(s.UNPACK_SKIP_PIXELS,K),e.pixelStorei(s.UNPACK_SKIP_ROWS,dt)}}function Se(D,T,H){let st=s.TEXTURE_2D;(T.isDataArrayTexture||T.isCompressedArrayTexture)&&(st=s.TEXTURE_2D_ARRAY),T.isData3DTexture&&(st=s.TEXTURE_3D);let et=ee(D,T),ct=T.source;e.bindTexture(st,D.__webglTexture,s.TEXTURE0+H);let mt=i.get(ct);if(ct.version!==mt.__version||et===!0){if(e.activeTexture(s.TEXTURE0+H),(typeof ImageBitmap<"u"&&T.image instanceof ImageBitmap)===!1){let rt=Kt.getPrimaries(Kt.workingColorSpace),Lt=T.colorSpace===gi?null:Kt.getPrimaries(T.colorSpace),Xt=T.colorSpace===gi||rt===Lt?s.NONE:s.BROWSER_DEFAULT_WEBGL;e.pixelStorei(s.UNPACK_FLIP_Y_WEBGL,T.flipY),e.pixelStorei(s.UNPACK_PREMULTIPLY_ALPHA_WEBGL,T.premultiplyAlpha),e.pixelStorei(s.UNPACK_COLORSPACE_CONVERSION_WEBGL,Xt)}e.pixelStorei(s.UNPACK_ALIGNMENT,T.unpackAlignment);let K=x(T.image,!1,n.maxTextureSize);K=Ut(T,K);let dt=r.convert(T.format,T.colorSpace),O=r.convert(T.type),j=w(T.internalFormat,dt,O,T.normalized,T.colorSpace,T.isVideoTexture);Zt(st,T);let $,ft=T.mipmaps,ot=T.isVideoTexture!==!0,ht=mt.__version===void 0||et===!0,Pt=ct.dataReady,Yt=b(T,K);if(T.isDepthTexture)j=_(T.format===mi,T.type),ht&&(ot?e.texStorage2D(s.TEXTURE_2D,1,j,K.width,K.height):e.texImage2D(s.TEXTURE_2D,0,j,K.width,K.height,0,dt,O,null));else if(T.isDataTexture)if(ft.length>0){ot&&ht&&e.texStorage2D(s.TEXTURE_2D,Yt,j,ft[0].width,ft[0].height);for(let rt=0,Lt=ft.length;rt<Lt;rt++)$=ft[rt],ot?Pt&&e.texSubImage2D(s.TEXTURE_2D,rt,0,0,$.width,$.height,dt,O,$.data):e.texImage2D(s.TEXTURE_2D,rt,j,$.width,$.height,0,dt,O,$.data);T.generateMipmaps=!1}else ot?(ht&&e.texStorage2D(s.TEXTURE_2D,Yt,j,K.width,K.height),Pt&&Ie(T,K,dt,O)):e.texImage2D(s.TEXTURE_2D,0,j,K.width,K.height,0,dt,O,K.data);else if(T.isCompressedTexture)if(T.isCompressedArrayTexture){ot&&ht&&e.texStorage3D(s.TEXTURE_2D_ARRAY,Yt,j,ft[0].width,ft[0].height,K.depth);for(let rt=0,Lt=ft.length;rt<Lt;rt++)if($=ft[rt],T.format!==wn)if(dt!==null)if(ot){if(Pt)if(T.layerUpdates.size>0){let Xt=Ph($.width,$.height,T.format,T.type);for(let yt of T.layerUpdates){let ue=$.data.subarray(yt*Xt/$.data.BYTES_PER_ELEMENT,(yt+1)*Xt/$.data.BYTES_PER_ELEMENT);e.compressedTexSubImage3D(s.TEXTURE_2D_ARRAY,rt,0,0,yt,$.width,$.height,1,dt,ue)}}else e.compressedTexSubImage3D(s.TEXTURE_2D_ARRAY,rt,0,0,0,$.width,$.height,K.depth,dt,$.data)}else e.compressedTexImage3D(s.TEXTURE_2D_ARRAY,rt,j,$.width,$.height,K.depth,0,$.data,0,0);else Nt("WebGLRenderer: Attempt to load unsupported compressed texture format in .uploadTexture()");else ot?Pt&&e.texSubImage3D(s.TEXTURE_2D_ARRAY,rt,0,0,0,$.width,$.height,K.depth,dt,O,$.data):e.texImage3D(s.TEXTURE_2D_ARRAY,rt,j,$.width,$.height,K.depth,0,dt,O,$.data);T.layerUpdates.size>0&&T.clearLayerUpdates()}else{ot&&ht&&e.texStorage2D(s.TEXTURE_2D,Yt,j,ft[0].width,ft[0].height);for(let rt=0,Lt=ft.length;rt<Lt;rt++)$=ft[rt],T.format!==wn?dt!==null?ot?Pt&&e.compressedTexSubImage2D(s.TEXTURE_2D,rt,0,0,$.width,$.height,dt,$.data):e.compressedTexImage2D(s.TEXTURE_2D,rt,j,$.width,$.height,0,$.data):Nt("WebGLRenderer: Attempt to load unsupported compressed texture format in .uploadTexture()"):ot?Pt&&e.texSubImage2D(s.TEXTURE_2D,rt,0,0,$.width,$.height,dt,O,$.data):e.texImage2D(s.TEXTURE_2D,rt,j,$.width,$.height,0,dt,O,$.data)}else if(T.isDataArrayTexture)if(ot){if(ht&&e.texStorage3D(s.TEXTURE_2D_ARRAY,Yt,j,K.width,K.height,K.depth),Pt)if(T.layerUpdates.size>0){let rt=Ph(K.width,K.height,T.format,T.type);for(let Lt of T.layerUpdates){let Xt=K.data.subarray(Lt*rt/K.data.BYTES_PER_ELEMENT,(Lt+1)*rt/K.data.BYTES_PER_ELEMENT);e.texSubImage3D(s.TEXTURE_2D_ARRAY,0,0,0,Lt,K.width,K.height,1,dt,O,Xt)}T.clearLayerUpdates()}else e.texSubImage3D(s.TEXTURE_2D_ARRAY,0,0,0,0,K.width,K.height,K.depth,dt,O,K.data)}else e.texImage3D(s.TEXTURE_2D_ARRAY,0,j,K.width,K.height,K.depth,0,dt,O,K.data);else if(T.isData3DTexture)ot?(ht&&e.texStorage3D(s.TEXTURE_3D,Yt,j,K.width,K.height,K.depth),Pt&&e.texSubImage3D(s.TEXTURE_3D,0,0,0,0,K.width,K.height,K.depth,dt,O,K.data)):e.texImage3D(s.TEXTURE_3D,0,j,K.width,K.height,K.depth,0,dt,O,K.data);else if(T.isFramebufferTexture){if(ht)if(ot)e.texStorage2D(s.TEXTURE_2D,Yt,j,K.width,K.height);else{let rt=K.width,Lt=K.height;for(let Xt=0;Xt<Yt;Xt++)e.texImage2D(s.TEXTURE_2D,Xt,j,rt,Lt,0,dt,O,null),rt>>=1,Lt>>=1}}else if(T.isHTMLTexture){if("texElementImage2D"in s){let rt=s.canvas;if(rt.hasAttribute("layoutsubtree")||rt.setAttribute("layoutsubtree","true"),K.parentNode!==rt){rt.appendChild(K),u.add(T),rt.onpaint=Lt=>{let Xt=Lt.changedElements;for(let yt of u)Xt.includes(yt.image)&&(yt.needsUpdate=!0)},rt.requestPaint();return}if(s.texElementImage2D.length===3)s.texElementImage2D(s.TEXTURE_2D,s.RGBA8,K);else{let Xt=s.RGBA,yt=s.RGBA,ue=s.UNSIGNED_BYTE;s.texElementImage2D(s.TEXTURE_2D,0,Xt,yt,ue,K)}s.texParameteri(s.TEXTURE_2D,s.TEXTURE_MIN_FILTER,s.LINEAR),s.texParameteri(s.TEXTURE_2D,s.TEXTURE_WRAP_S,s.CLAMP_TO_EDGE),s.texParameteri(s.TEXTURE_2D,s.TEXTURE_WRAP_T,s.CLAMP_TO_EDGE)}}else if(ft.length>0){if(ot&&ht){let rt=Ht(ft[0]);e.texStorage2D(s.TEXTURE_2D,Yt,j,rt.width,rt.height)}for(let rt=0,Lt=ft.length;rt<Lt;rt++)$=ft[rt],ot?Pt&&e.texSubImage2D(s.TEXTURE_2D,rt,0,0,dt,O,$):e.texImage2D(s.TEXTURE_2D,rt,j,dt,O,$);T.generateMipmaps=!1}else if(ot){if(ht){let rt=Ht(K);e.texStorage2D(s.TEXTURE_2D,Yt,j,rt.width,rt.height)}Pt&&e.texSubImage2D(s.TEXTURE_2D,0,0,0,dt,O,K)}else e.texImage2D(s.TEXTURE_2D,0,j,dt,O,K);S(T)&&T.mipmapsAutoUpdate===!0&&v(st),mt.__version=ct.version,T.onUpdate&&T.onUpdate(T)}D.__version=T.version}function Ge(D,T,H){if(T.image.length!==6)return;let st=ee(D,T),et=T.source;e.bindTexture(s.TEXTURE_CUBE_MAP,D.__webglTexture,s.TEXTURE0+H);let ct=i.get(et);if(et.version!==ct.__version||st===!0){e.activeTexture(s.TEXTURE0+H);let mt=Kt.getPrimaries(Kt.workingColorSpace),Z=T.colorSpace===gi?null:Kt.getPrimaries(T.colorSpace),K=T.colorSpace===gi||mt===Z?s.NONE:s.BROWSER_DEFAULT_WEBGL;e.pixelStorei(s.UNPACK_FLIP_Y_WEBGL,T.flipY),e.pixelStorei(s.UNPACK_PREMULTIPLY_ALPHA_WEBGL,T.premultiplyAlpha),e.pixelStorei(s.UNPACK_ALIGNMENT,T.unpackAlignment),e.pixelStorei(s.UNPACK_COLORSPACE_CONVERSION_WEBGL,K);let dt=T.isCompressedTexture||T.image[0].isCompressedTexture,O=T.image[0]&&T.image[0].isDataTexture,j=[];for(let yt=0;yt<6;yt++)!dt&&!O?j[yt]=x(T.image[yt],!0,n.maxCubemapSize):j[yt]=O?T.image[yt].image:T.image[yt],j[yt]=Ut(T,j[yt]);let $=j[0],ft=r.convert(T.format,T.colorSpace),ot=r.convert(T.type),ht=w(T.internalFormat,ft,ot,T.normalized,T.colorSpace),Pt=T.isVideoTexture!==!0,Yt=ct.__version===void 0||st===!0,rt=et.dataReady,Lt=b(T,$);Zt(s.TEXTURE_CUBE_MAP,T);let Xt;if(T.isDepthTexture){if(ht=_(T.format===mi,T.type),Yt)if(Pt)e.texStorage2D(s.TEXTURE_CUBE_MAP,1,ht,$.width,$.height);else for(let yt=0;yt<6;yt++)e.texImage2D(s.TEXTURE_CUBE_MAP_POSITIVE_X+yt,0,ht,$.width,$.height,0,ft,ot,null)}else if(dt){Pt&&Yt&&e.texStorage2D(s.TEXTURE_CUBE_MAP,Lt,ht,$.width,$.height);for(let yt=0;yt<6;yt++){Xt=j[yt].mipmaps;for(let ue=0;ue<Xt.length;ue++){let Be=Xt[ue];T.format!==wn?ft!==null?Pt?rt&&e.compressedTexSubImage2D(s.TEXTURE_CUBE_MAP_POSITIVE_X+yt,ue,0,0,Be.width,Be.height,ft,Be.data):e.compressedTexImage2D(s.TEXTURE_CUBE_MAP_POSITIVE_X+yt,ue,ht,Be.width,Be.height,0,Be.data):Nt("WebGLRenderer: Attempt to load unsupported compressed texture format in .setTextureCube()"):Pt?rt&&e.texSubImage2D(s.TEXTURE_CUBE_MAP_POSITIVE_X+yt,ue,0,0,Be.width,Be.height,ft,ot,Be.data):e.texImage2D(s.TEXTURE_CUBE_MAP_POSITIVE_X+yt,ue,ht,Be.width,Be.height,0,ft,ot,Be.data)}}}else{if(Xt=T.mipmaps,Pt&&Yt){Xt.length>0&&Lt++;let yt=Ht(j[0]);e.texStorage2D(s.TEXTURE_CUBE_MAP,Lt,ht,yt.width,yt.height)}for(let yt=0;yt<6;yt++)if(O){Pt?rt&&e.texSubImage2D(s.TEXTURE_CUBE_MAP_POSITIVE_X+yt,0,0,0,j[yt].width,j[yt].height,ft,ot,j[yt].data):e.texImage2D(s.TEXTURE_CUBE_MAP_POSITIVE_X+yt,0,ht,j[yt].width,j[yt].height,0,ft,ot,j[yt].data);for(let ue=0;ue<Xt.length;ue++){let yi=Xt[ue].image[yt].image;Pt?rt&&e.texSubImage2D(s.TEXTURE_CUBE_MAP_POSITIVE_X+yt,ue+1,0,0,yi.width,yi.height,ft,ot,yi.data):e.texImage2D(s.TEXTURE_CUBE_MAP_POSITIVE_X+yt,ue+1,ht,yi.width,yi.height,0,ft,ot,yi.data)}}else{Pt?rt&&e.texSubImage2D(s.TEXTURE_CUBE_MAP_POSITIVE_X+yt,0,0,0,ft,ot,j[yt]):e.texImage2D(s.TEXTURE_CUBE_MAP_POSITIVE_X+yt,0,ht,ft,ot,j[yt]);for(let ue=0;ue<Xt.length;ue++){let Be=Xt[ue];Pt?rt&&e.texSubImage2D(s.TEXTURE_CUBE_MAP_POSITIVE_X+yt,ue+1,0,0,ft,ot,Be.image[yt]):e.texImage2D(s.TEXTURE_CUBE_MAP_POSITIVE_X+yt,ue+1,ht,ft,ot,Be.image[yt])}}}S(T)&&T.mipmapsAutoUpdate===!0&&v(s.TEXTURE_CUBE_MAP),ct.__version=et.version,T.onUpdate&&T.onUpdate(T)}D.__version=T.version}function ge(D,T,H,st,et,ct){let mt=r.convert(H.format,H.colorSpace),Z=r.convert(H.type),K=w(H.internalFormat,mt,Z,H.normalized,H.colorSpace),dt=i.get(T),O=i.get(H);if(O.__renderTarget=T,!dt.__hasExternalTextures){let j=Math.max(1,T.width>>ct),$=Math.max(1,T.height>>ct);et===s.TEXTURE_3D||et===s.TEXTURE_2D_ARRAY?e.texImage3D(et,ct,K,j,$,T.depth,0,mt,Z,null):e.texImage2D(et,ct,K,j,$,0,mt,Z,null)}e.bindFramebuffer(s.FRAMEBUFFER,D),lt(T)?a.framebufferTexture2DMultisampleEXT(s.FRAMEBUFFER,st,et,O.__webglTexture,0,Jt(T)):(et===s.TEXTURE_2D||et>=s.TEXTURE_CUBE_MAP_POSITIVE_X&&et<=s.TEXTURE_CUBE_MAP_NEGATIVE_Z)&&s.framebufferTexture2D(s.FRAMEBUFFER,st,et,O.__webglTexture,ct),e.bindFramebuffer(s.FRAMEBUFFER,null)}function on(D,T,H){if(s.bindRenderbuffer(s.RENDERBUFFER,D),T.depthBuffer){let st=T.depthTexture,et=st&&st.isDepthTexture?st.type:null,ct=_(T.stencilBuffer,et),mt=T.stencilBuffer?s.DEPTH_STENCIL_ATTACHMENT:s.DEPTH_ATTACHMENT;lt(T)?a.renderbufferStorageMultisampleEXT(s.RENDERBUFFER,Jt(T),ct,T.width,T.height):H?s.renderbufferStorageMultisample(s.RENDERBUFFER,Jt(T),ct,T.width,T.height):s.renderbufferStorage(s.RENDERBUFFER,ct,T.width,T.height),s.framebufferRenderbuffer(s.FRAMEBUFFER,mt,s.RENDERBUFFER,D)}else{let st=T.textures;for(let et=0;et<st.length;et++){let ct=st[et],mt=r.convert(ct.format,ct.colorSpace),Z=r.convert(ct.type),K=w(ct.internalFormat,mt,Z,ct.normalized,ct.colorSpace);lt(T)?a.renderbufferStorageMultisampleEXT(s.RENDERBUFFER,Jt(T),K,T.width,T.height):H?s.renderbufferStorageMultisample(s.RENDERBUFFER,Jt(T),K,T.width,T.height):s.renderbufferStorage(s.RENDERBUFFER,K,T.width,T.height)}}s.bindRenderbuffer(s.RENDERBUFFER,null)}function Re(D,T,H){let st=T.isWebGLCubeRenderTarget===!0;if(e.bindFramebuffer(s.FRAMEBUFFER,D),!(T.depthTexture&&T.depthTexture.isDepthTexture))throw new Error("THREE.WebGLTextures: renderTarget.depthTexture must be an instance of THREE.DepthTexture.");let et=i.get(T.depthTexture);et.__renderTarget=T;let ct=st?T.depthTexture.image[0]:T.depthTexture.image;(!et.__webglTexture||ct.width!==T.width||ct.height!==T.height)&&(ct.width=T.width,ct.height=T.height,T.depthTexture.needsUpdate=!0),st?_t(T.depthTexture,0):at(T.depthTexture,0);let mt=et.__webglTexture,Z=Jt(T),K=st?s.TEXTURE_CUBE_MAP_POSITIVE_X+H:s.TEXTURE_2D,dt=T.depthTexture.format===mi?s.DEPTH_STENCIL_ATTACHMENT:s.DEPTH_ATTACHMENT;if(T.depthTexture.format===ci)lt(T)?a.framebufferTexture2DMultisampleEXT(s.FRAMEBUFFER,dt,K,mt,0,Z):s.framebufferTexture2D(s.FRAMEBUFFER,dt,K,mt,0);else if(T.depthTexture.format===mi)lt(T)?a.framebufferTexture2DMultisampleEXT(s.FRAMEBUFFER,dt,K,mt,0,Z):s.framebufferTexture2D(s.FRAMEBUFFER,dt,K,mt,0);else throw new Error("THREE.WebGLTextures: Unknown depthTexture format.")}function U(D){let T=i.get(D),H=D.isWebGLCubeRenderTarget===!0;if(T.__boundDepthTexture!==D.depthTexture){let st=D.depthTexture;if(T.__depthDisposeCallback&&T.__depthDisposeCallback(),st){let et=()=>{delete T.__boundDepthTexture,delete T.__depthDisposeCallback,st.removeEventListener("dispose",et)};st.addEventListener("dispose",et),T.__depthDisposeCallback=et}T.__boundDepthTexture=st}if(D.depthTexture&&!T.__autoAllocateDepthBuffer)if(H)for(let st=0;st<6;st++)Re(T.__webglFramebuffer[st],D,st);else D.texture.mipmaps.length>0?Re(T.__webglFramebuffer[0],D,0):Re(T.__webglFramebuffer,D,0);else if(H){T.__webglDepthbuffer=[];for(let st=0;st<6;st++)if(e.bindFramebuffer(s.FRAMEBUFFER,T.__webglFramebuffer[st]),T.__webglDepthbuffer[st]===void 0)T.__webglDepthbuffer[st]=s.createRenderbuffer(),on(T.__webglDepthbuffer[st],D,!1);else{let et=D.stencilBuffer?s.DEPTH_STENCIL_ATTACHMENT:s.DEPTH_ATTACHMENT,ct=T.__webglDepthbuffer[st];s.bindRenderbuffer(s.RENDERBUFFER,ct),s.framebufferRenderbuffer(s.FRAMEBUFFER,et,s.RENDERBUFFER,ct)}}else if(D.texture.mipmaps.length>0?e.bindFramebuffer(s.FRAMEBUFFER,T.__webglFramebuffer[0]):e.bindFramebuffer(s.FRAMEBUFFER,T.__webglFramebuffer),T.__webglDepthbuffer===void 0)T.__webglDepthbuffer=s.createRenderbuffer(),on(T.__webglDepthbuffer,D,!1);else{let et=D.stencilBuffer?s.DEPTH_STENCIL_ATTACHMENT:s.DEPTH_ATTACHMENT,ct=T.__webglDepthbuffer;s.bindRenderbuffer(s.RENDERBUFFER,ct),s.framebufferRenderbuffer(s.FRAMEBUFFER,et,s.RENDERBUFFER,ct)}e.bindFramebuffer(s.FRAMEBUFFER,null)}function q(D,T,H){let st=i.get(D);T!==void 0&&ge(st.__webglFramebuffer,D,D.texture,s.COLOR_ATTACHMENT0,s.TEXTURE_2D,0),H!==void 0&&U(D)}function Q(D){let T=D.texture,H=i.get(D),st=i.get(T);D.addEventListener("dispose",R),C(D);let et=D.textures,ct=D.isWebGLCubeRenderTarget===!0,mt=et.length>1;if(mt||(st.__webglTexture===void 0&&(st.__webglTexture=s.createTexture()),st.__version=T.version,o.memory.textures++),ct){H.__webglFramebuffer=[];for(let Z=0;Z<6;Z++)if(T.mipmaps.length>0){H.__webglFramebuffer[Z]=[];for(let K=0;K<T.mipmaps.length;K++)H.__webglFramebuffer[Z][K]=s.createFramebuffer()}else H.__webglFramebuffer[Z]=s.createFramebuffer()}else{if(T.mipmaps.length>0){H.__webglFramebuffer=[];for(let Z=0;Z<T.mipmaps.length;Z++)H.__webglFramebuffer[Z]=s.createFramebuffer()}else H.__webglFramebuffer=s.createFramebuffer();if(mt)for(let Z=0,K=et.length;Z<K;Z++){let dt=i.get(et[Z]);dt.__webglTexture===void 0&&(dt.__webglTexture=s.createTexture(),o.memory.textures++)}if(D.samples>0&&lt(D)===!1){H.__webglMultisampledFramebuffer=s.createFramebuffer(),H.__webglColorRenderbuffer=[],e.bindFramebuffer(s.FRAMEBUFFER,H.__webglMultisampledFramebuffer);for(let Z=0;Z<et.length;Z++){let K=et[Z];H.__webglColorRenderbuffer[Z]=s.createRenderbuffer(),s.bindRenderbuffer(s.RENDERBUFFER,H.__webglColorRenderbuffer[Z]);let dt=r.convert(K.format,K.colorSpace),O=r.convert(K.type),j=w(K.internalFormat,dt,O,K.normalized,K.colorSpace,D.isXRRenderTarget===!0),$=Jt(D);s.renderbufferStorageMultisample(s.RENDERBUFFER,$,j,D.width,D.height),s.framebufferRenderbuffer(s.FRAMEBUFFER,s.COLOR_ATTACHMENT0+Z,s.RENDERBUFFER,H.__webglColorRenderbuffer[Z])}s.bindRenderbuffer(s.RENDERBUFFER,null),D.depthBuffer&&(H.__webglDepthRenderbuffer=s.createRenderbuffer(),on(H.__webglDepthRenderbuffer,D,!0)),e.bindFramebuffer(s.FRAMEBUFFER,null)}}if(ct){e.bindTexture(s.TEXTURE_CUBE_MAP,st.__webglTexture),Zt(s.TEXTURE_CUBE_MAP,T);for(let Z=0;Z<6;Z++)if(T.mipmaps.length>0)for(let K=0;K<T.mipmaps.length;K++)ge(H.__webglFramebuffer[Z][K],D,T,s.COLOR_ATTACHMENT0,s.TEXTURE_CUBE_MAP_POSITIVE_X+Z,K);else ge(H.__webglFramebuffer[Z],D,T,s.COLOR_ATTACHMENT0,s.TEXTURE_CUBE_MAP_POSITIVE_X+Z,0);S(T)?v(s.TEXTURE_CUBE_MAP):T.mipmaps.length>0&&s.texParameteri(s.TEXTURE_CUBE_MAP,s.TEXTURE_MAX_LEVEL,T.mipmaps.length-1),e.unbindTexture()}else if(mt){for(let Z=0,K=et.length;Z<K;Z++){let dt=et[Z],O=i.get(dt),j=s.TEXTURE_2D;(D.isWebGL3DRenderTarget||D.isWebGLArrayRenderTarget)&&(j=D.isWebGL3DRenderTarget?s.TEXTURE_3D:s.TEXTURE_2D_ARRAY),e.bindTexture(j,O.__webglTexture),Zt(j,dt),ge(H.__webglFramebuffer,D,dt,s.COLOR_ATTACHMENT0+Z,j,0),S(dt)&&v(j)}e.unbindTexture()}else{let Z=s.TEXTURE_2D;if((D.isWebGL3DRenderTarget||D.isWebGLArrayRenderTarget)&&(Z=D.isWebGL3DRenderTarget?s.TEXTURE_3D:s.TEXTURE_2D_ARRAY),e.bindTexture(Z,st.__webglTexture),Zt(Z,T),T.mipmaps.length>0)for(let K=0;K<T.mipmaps.length;K++)ge(H.__webglFramebuffer[K],D,T,s.COLOR_ATTACHMENT0,Z,K);else ge(H.__webglFramebuffer,D,T,s.COLOR_ATTACHMENT0,Z,0);S(T)?v(Z):T.mipmaps.length>0&&s.texParameteri(Z,s.TEXTURE_MAX_LEVEL,T.mipmaps.length-1),e.unbindTexture()}D.depthBuffer&&U(D)}function N(D){let T=D.textures;for(let H=0,st=T.length;H<st;H++){let et=T[H];if(S(et)&&et.mipmapsAutoUpdate===!0){let ct=M(D),mt=i.get(et).__webglTexture;e.bindTexture(ct,mt),v(ct),e.unbindTexture()}}}let Ot=[];function Mt(D){if(D.samples>0){if(lt(D)===!1){let T=D.textures,H=D.width,st=D.height,et=s.COLOR_BUFFER_BIT,ct=D.stencilBuffer?s.DEPTH_STENCIL_ATTACHMENT:s.DEPTH_ATTACHMENT,mt=i.get(D),Z=T.length>1;if(Z)for(let dt=0;dt<T.length;dt++)e.bindFramebuffer(s.FRAMEBUFFER,mt.__webglMultisampledFramebuffer),s.framebufferRenderbuffer(s.FRAMEBUFFER,s.COLOR_ATTACHMENT0+dt,s.RENDERBUFFER,null),e.bindFramebuffer(s.FRAMEBUFFER,mt.__webglFramebuffer),s.framebufferTexture2D(s.DRAW_FRAMEBUFFER,s.COLOR_ATTACHMENT0+dt,s.TEXTURE_2D,null,0);e.bindFramebuffer(s.READ_FRAMEBUFFER,mt.__webglMultisampledFramebuffer),D.texture.mipmaps.length>0?e.bindFramebuffer(s.DRAW_FRAMEBUFFER,mt.__webglFramebuffer[0]):e.bindFramebuffer(s.DRAW_FRAMEBUFFER,mt.__webglFramebuffer);for(let dt=0;dt<T.length;dt++){if(D.resolveDepthBuffer&&(D.depthBuffer&&(et|=s.DEPTH_BUFFER_BIT),D.stencilBuffer&&D.resolveStencilBuffer&&(et|=s.STENCIL_BUFFER_BIT)),Z){s.framebufferRenderbuffer(s.READ_FRAMEBUFFER,s.COLOR_ATTACHMENT0,s.RENDERBUFFER,mt.__webglColorRenderbuffer[dt]);let O=i.get(T[dt]).__webglTexture;s.framebufferTexture2D(s.DRAW_FRAMEBUFFER,s.COLOR_ATTACHMENT0,s.TEXTURE_2D,O,0)}s.blitFramebuffer(0,0,H,st,0,0,H,st,et,s.NEAREST),l===!0&&(Ot.length=0,Ot.push(s.COLOR_ATTACHMENT0+dt),D.depthBuffer&&D.storeMultisampledDepthBuffer===!1&&Ot.push(ct),s.invalidateFramebuffer(s.READ_FRAMEBUFFER,Ot))}if(e.bindFramebuffer(s.READ_FRAMEBUFFER,null),e.bindFramebuffer(s.DRAW_FRAMEBUFFER,null),Z)for(let dt=0;dt<T.length;dt++){e.bindFramebuffer(s.FRAMEBUFFER,mt.__webglMultisampledFramebuffer),s.framebufferRenderbuffer(s.FRAMEBUFFER,s.COLOR_ATTACHMENT0+dt,s.RENDERBUFFER,mt.__webglColorRenderbuffer[dt]);let O=i.get(T[dt]).__webglTexture;e.bindFramebuffer(s.FRAMEBUFFER,mt.__webglFramebuffer),s.framebufferTexture2D(s.DRAW_FRAMEBUFFER,s.COLOR_ATTACHMENT0+dt,s.TEXTURE_2D,O,0)}e.bindFramebuffer(s.DRAW_FRAMEBUFFER,mt.__webglMultisampledFramebuffer)}else if(D.depthBuffer&&D.storeMultisampledDepthBuffer===!1&&l){let T=D.stencilBuffer?s.DEPTH_STENCIL_ATTACHMENT:s.DEPTH_ATTACHMENT;s.invalidateFramebuffer(s.DRAW_FRAMEBUFFER,[T])}}}function Jt(D){return Math.min(n.maxSamples,D.samples)}function lt(D){let T=i.get(D);return D.samples>0&&t.has("WEBGL_multisampled_render_to_texture")===!0&&T.__useRenderToTexture!==!1}function be(D){let T=o.render.frame;h.get(D)!==T&&(h.set(D,T),D.update())}function Ut(D,T){let H=D.colorSpace,st=D.format,et=D.type;return D.isCompressedTexture===!0||D.isVideoTexture===!0||H!==br&&H!==gi&&(Kt.getTransfer(H)===ce?(st!==wn||et!==_n)&&Nt("WebGLTextures: sRGB encoded textures have to use RGBAFormat and UnsignedByteType."):Bt("WebGLTextures: Unsupported texture color space:",H)),T}function Ht(D){return typeof HTMLImageElement<"u"&&D instanceof HTMLImageElement?(c.width=D.naturalWidth||D.width,c.height=D.naturalHeight||D.height):typeof VideoFrame<"u"&&D instanceof VideoFrame?(c.width=D.displayWidth,c.height=D.displayHeight):(c.width=D.width,c.height=D.height),c}this.allocateTextureUnit=Dt,this.resetTextureUnits=tt,this.getTextureUnits=nt,this.setTextureUnits=xt,this.setTexture2D=at,this.setTexture2DArray=bt,this.setTexture3D=Rt,this.setTextureCube=_t,this.rebindTextures=q,this.setupRenderTarget=Q,this.updateRenderTargetMipmap=N,this.updateMultisampleRenderTarget=Mt,this.setupDepthRenderbuffer=U,this.setupFrameBufferTexture=ge,this.useMultisampledRTT=lt,this.dispose=k}function bv(s,t){function e(i,n=gi){let r,o=Kt.getTransfer(n);if(i===_n)return s.UNSIGNED_BYTE;if(i===za)return s.UNSIGNED_SHORT_4_4_4_4;if(i===Va)return s.UNSIGNED_SHORT_5_5_5_1;if(i===dh)return s.UNSIGNED_INT_5_9_9_9_REV;if(i===fh)return s.UNSIGNED_INT_10F_11F_11F_REV;if(i===hh)return s.BYTE;if(i===uh)return s.SHORT;if(i===Vs)return s.UNSIGNED_SHORT;if(i===ka)return s.INT;if(i===Nn)return s.UNSIGNED_INT;if(i===Mn)return s.FLOAT;if(i===Gn)return s.HALF_FLOAT;if(i===ph)return s.ALPHA;if(i===mh)return s.RGB;if(i===wn)return s.RGBA;if(i===ci)return s.DEPTH_COMPONENT;if(i===mi)return s.DEPTH_STENCIL;if(i===gh)return s.RED;if(i===Zr)return s.RED_INTEGER;if(i===Li)return s.RG;if(i===Ha)return s.RG_INTEGER;if(i===Ga)return s.RGBA_INTEGER;if(i===Jr||i===Kr||i===jr||i===Qr)if(o===ce)if(r=t.get("WEBGL_compressed_texture_s3tc_srgb"),r!==null){if(i===Jr)return r.COMPRESSED_SRGB_S3TC_DXT1_EXT;if(i===Kr)return r.COMPRESSED_SRGB_ALPHA_S3TC_DXT1_EXT;if(i===jr)return r.COMPRESSED_SRGB_ALPHA_S3TC_DXT3_EXT;if(i===Qr)return r.COMPRESSED_SRGB_ALPHA_S3TC_DXT5_EXT}else return null;else if(r=t.get("WEBGL_compressed_texture_s3tc"),r!==null){if(i===Jr)return r.COMPRESSED_RGB_S3TC_DXT1_EXT;if(i===Kr)return r.COMPRESSED_RGBA_S3TC_DXT1_EXT;if(i===jr)return r.COMPRESSED_RGBA_S3TC_DXT3_EXT;if(i===Qr)return r.COMPRESSED_RGBA_S3TC_DXT5_EXT}else return null;if(i===Wa||i===qa||i===Xa||i===Ya)if(r=t.get("WEBGL_compressed_texture_pvrtc"),r!==null){if(i===Wa)return r.COMPRESSED_RGB_PVRTC_4BPPV1_IMG;if(i===qa)return r.COMPRESSED_RGB_PVRTC_2BPPV1_IMG;if(i===Xa)return r.COMPRESSED_RGBA_PVRTC_4BPPV1_IMG;if(i===Ya)return r.COMPRESSED_RGBA_PVRTC_2BPPV1_IMG}else return null;if(i===$a||i===Za||i===Ja||i===Ka||i===ja||i===to||i===Qa)if(r=t.get("WEBGL_compressed_texture_etc"),r!==null){if(i===$a||i===Za)return o===ce?r.COMPRESSED_SRGB8_ETC2:r.COMPRESSED_RGB8_ETC2;if(i===Ja)return o===ce?r.COMPRESSED_SRGB8_ALPHA8_ETC2_EAC:r.COMPRESSED_RGBA8_ETC2_EAC;if(i===Ka)return r.COMPRESSED_R11_EAC;if(i===ja)return r.COMPRESSED_SIGNED_R11_EAC;if(i===to)return r.COMPRESSED_RG11_EAC;if(i===Qa)return r.COMPRESSED_SIGNED_RG11_EAC}else return null;if(i===tl||i===el||i===nl||i===il||i===sl||i===rl||i===ol||i===al||i===ll||i===cl||i===hl||i===ul||i===dl||i===fl)if(r=t.get("WEBGL_compressed_texture_astc"),r!==null){if(i===tl)return o===ce?r.COMPRESSED_SRGB8_ALPHA8_ASTC_4x4_KHR:r.COMPRESSED_RGBA_ASTC_4x4_KHR;if(i===el)return o===ce?r.COMPRESSED_SRGB8_ALPHA8_ASTC_5x4_KHR:r.COMPRESSED_RGBA_ASTC_5x4_KHR;if(i===nl)return o===ce?r.COMPRESSED_SRGB8_ALPHA8_ASTC_5x5_KHR:r.COMPRESSED_RGBA_ASTC_5x5_KHR;if(i===il)return o===ce?r.COMPRESSED_SRGB8_ALPHA8_ASTC_6x5_KHR:r.COMPRESSED_RGBA_ASTC_6x5_KHR;if(i===sl)return o===ce?r.COMPRESSED_SRGB8_ALPHA8_ASTC_6x6_KHR:r.COMPRESSED_RGBA_ASTC_6x6_KHR;if(i===rl)return o===ce?r.COMPRESSED_SRGB8_ALPHA8_ASTC_8x5_KHR:r.COMPRESSED_RGBA_ASTC_8x5_KHR;if(i===ol)return o===ce?r.COMPRESSED_SRGB8_ALPHA8_ASTC_8x6_KHR:r.COMPRESSED_RGBA_ASTC_8x6_KHR;if(i===al)return o===ce?r.COMPRESSED_SRGB8_ALPHA8_ASTC_8x8_KHR:r.COMPRESSED_RGBA_ASTC_8x8_KHR;if(i===ll)return o===ce?r.COMPRESSED_SRGB8_ALPHA8_ASTC_10x5_KHR:r.COMPRESSED_RGBA_ASTC_10x5_KHR;if(i===cl)return o===ce?r.COMPRESSED_SRGB8_ALPHA8_ASTC_10x6_KHR:r.COMPRESSED_RGBA_ASTC_10x6_KHR;if(i===hl)return o===ce?r.COMPRESSED_SRGB8_ALPHA8_ASTC_10x8_KHR:r.COMPRESSED_RGBA_ASTC_10x8_KHR;if(i===ul)return o===ce?r.COMPRESSED_SRGB8_ALPHA8_ASTC_10x10_KHR:r.COMPRESSED_RGBA_ASTC_10x10_KHR;if(i===dl)return o===ce?r.COMPRESSED_SRGB8_ALPHA8_ASTC_12x10_KHR:r.COMPRESSED_RGBA_ASTC_12x10_KHR;if(i===fl)return o===ce?r.COMPRESSED_SRGB8_ALPHA8_ASTC_12x12_KHR:r.COMPRESSED_RGBA_ASTC_12x12_KHR}else return null;if(i===pl||i===ml||i===gl)if(r=t.get("EXT_texture_compression_bptc"),r!==null){if(i===pl)return o===ce?r.COMPRESSED_SRGB_ALPHA_BPTC_UNORM_EXT:r.COMPRESSED_RGBA_BPTC_UNORM_EXT;if(i===ml)return r.COMPRESSED_RGB_BPTC_SIGNED_FLOAT_EXT;if(i===gl)return r.COMPRESSED_RGB_BPTC_UNSIGNED_FLOAT_EXT}else return null;if(i===_l||i===xl||i===eo||i===yl)if(r=t.get("EXT_texture_compression_rgtc"),r!==null){if(i===_l)return r.COMPRESSED_RED_RGTC1_EXT;if(i===xl)return r.COMPRESSED_SIGNED_RED_RGTC1_EXT;if(i===eo)return r.COMPRESSED_RED_GREEN_RGTC2_EXT;if(i===yl)return r.COMPRESSED_SIGNED_RED_GREEN_RGTC2_EXT}else return null;return i===ns?s.UNSIGNED_INT_24_8:s[i]!==void 0?s[i]:null}return{convert:e}}function Ev(s,t){function e(p,g){p.matrixAutoUpdate===!0&&p.updateMatrix(),g.value.copy(p.matrix)}function i(p,g){g.color.getRGB(p.fogColor.value,Ah(s)),g.isFog?(p.fogNear.value=g.near,p.fogFar.value=g.far):g.isFogExp2&&(p.fogDensity.value=g.density)}function n(p,g,x,S,v){g.isNodeMaterial?g.uniformsNeedUpdate=!1:g.isMeshBasicMaterial?r(p,g):g.isMeshLambertMaterial?(r(p,g),g.envMap&&(p.envMapIntensity.value=g.envMapIntensity)):g.isMeshToonMaterial?(r(p,g),u(p,g)):g.isMeshPhongMaterial?(r(p,g),h(p,g),g.envMap&&(p.envMapIntensity.value=g.envMapIntensity)):g.isMeshStandardMaterial?(r(p,g),d(p,g),g.isMeshPhysicalMaterial&&f(p,g,v)):g.isMeshMatcapMaterial?(r(p,g),m(p,g)):g.isMeshDepthMaterial?r(p,g):g.isMeshDistanceMaterial?(r(p,g),y(p,g)):g.isMeshNormalMaterial?r(p,g):g.isLineBasicMaterial?(o(p,g),g.isLineDashedMaterial&&a(p,g)):g.isPointsMaterial?l(p,g,x,S):g.isSpriteMaterial?c(p,g):g.isShadowMaterial?(p.color.value.copy(g.color),p.opacity.value=g.opacity):g.isShaderMaterial&&(g.uniformsNeedUpdate=!1)}function r(p,g){p.opacity.value=g.opacity,g.color&&p.diffuse.value.copy(g.color),g.emissive&&p.emissive.value.copy(g.emissive).multiplyScalar(g.emissiveIntensity),g.map&&(p.map.value=g.map,e(g.map,p.mapTransform)),g.alphaMap&&(p.alphaMap.value=g.alphaMap,e(g.alphaMap,p.alphaMapTransform)),g.bumpMap&&(p.bumpMap.value=g.bumpMap,e(g.bumpMap,p.bumpMapTransform),p.bumpScale.value=g.bumpScale,g.side===Ye&&(p.bumpScale.value*=-1)),g.normalMap&&(p.normalMap.value=g.normalMap,e(g.normalMap,p.normalMapTransform),p.normalScale.value.copy(g.normalScale),g.side===Ye&&p.normalScale.value.negate()),g.displacementMap&&(p.displacementMap.value=g.displacementMap,e(g.displacementMap,p.displacementMapTransform),p.displacementScale.value=g.displacementScale,p.displacementBias.value=g.displacementBias),g.emissiveMap&&(p.emissiveMap.value=g.emissiveMap,e(g.emissiveMap,p.emissiveMapTransform)),g.specularMap&&(p.specularMap.value=g.specularMap,e(g.specularMap,p.specularMapTransform)),g.alphaTest>0&&(p.alphaTest.value=g.alphaTest);let x=t.get(g),S=x.envMap,v=x.envMapRotation;S&&(p.envMap.value=S,p.envMapRotation.value.setFromMatrix4(Tv.makeRotationFromEuler(v)).transpose(),S.isCubeTexture&&S.isRenderTargetTexture===!1&&p.envMapRotation.value.premultiply(Xf),p.reflectivity.value=g.reflectivity,p.ior.value=g.ior,p.refractionRatio.value=g.refractionRatio),g.lightMap&&(p.lightMap.value=g.lightMap,p.lightMapIntensity.value=g.lightMapIntensity,e(g.lightMap,p.lightMapTransform)),g.aoMap&&(p.aoMap.value=g.aoMap,p.aoMapIntensity.value=g.aoMapIntensity,e(g.aoMap,p.aoMapTransform))}function o(p,g){p.diffuse.value.copy(g.color),p.opacity.value=g.opacity,g.map&&(p.map.value=g.map,e(g.map,p.mapTransform))}function a(p,g){p.dashSize.value=g.dashSize,p.totalSize.value=g.dashSize+g.gapSize,p.scale.value=g.scale}function l(p,g,x,S){p.diffuse.value.copy(g.color),p.opacity.value=g.opacity,p.size.value=g.size*x,p.scale.value=S*.5,g.map&&(p.map.value=g.map,e(g.map,p.uvTransform)),g.alphaMap&&(p.alphaMap.value=g.alphaMap,e(g.alphaMap,p.alphaMapTransform)),g.alphaTest>0&&(p.alphaTest.value=g.alphaTest)}function c(p,g){p.diffuse.value.copy(g.color),p.opacity.value=g.opacity,p.rotation.value=g.rotation,g.map&&(p.map.value=g.map,e(g.map,p.mapTransform)),g.alphaMap&&(p.alphaMap.value=g.alphaMap,e(g.alphaMap,p.alphaMapTransform)),g.alphaTest>0&&(p.alphaTest.value=g.alphaTest)}function h(p,g){p.specular.value.copy(g.specular),p.shininess.value=Math.max(g.shininess,1e-4)}function u(p,g){g.gradientMap&&(p.gradientMap.value=g.gradientMap)}function d(p,g){p.metalness.value=g.metalness,g.metalnessMap&&(p.metalnessMap.value=g.metalnessMap,e(g.metalnessMap,p.metalnessMapTransform)),p.roughness.value=g.roughness,g.roughnessMap&&(p.roughnessMap.value=g.roughnessMap,e(g.roughnessMap,p.roughnessMapTransform)),g.envMap&&(p.envMapIntensity.value=g.envMapIntensity)}function f(p,g,x){p.ior.value=g.ior,g.diffuseRoughness>0&&(p.diffuseRoughness.value=g.diffuseRoughness,g.diffuseRoughnessMap&&(p.diffuseRoughnessMap.value=g.diffuseRoughnessMap,e(g.diffuseRoughnessMap,p.diffuseRoughnessMapTransform))),g.sheen>0&&(p.sheenColor.value.copy(g.sheenColor).multiplyScalar(g.sheen),p.sheenRoughness.value=g.sheenRoughness,g.sheenColorMap&&(p.sheenColorMap.value=g.sheenColorMap,e(g.sheenColorMap,p.sheenColorMapTransform)),g.sheenRoughnessMap&&(p.sheenRoughnessMap.value=g.sheenRoughnessMap,e(g.sheenRoughnessMap,p.sheenRoughnessMapTransform))),g.clearcoat>0&&(p.clearcoat.value=g.clearcoat,p.clearcoatRoughness.value=g.clearcoatRoughness,g.clearcoatMap&&(p.clearcoatMap.value=g.clearcoatMap,e(g.clearcoatMap,p.clearcoatMapTransform)),g.clearcoatRoughnessMap&&(p.clearcoatRoughnessMap.value=g.clearcoatRoughnessMap,e(g.clearcoatRoughnessMap,p.clearcoatRoughnessMapTransform)),g.clearcoatNormalMap&&(p.clearcoatNormalMap.value=g.clearcoatNormalMap,e(g.clearcoatNormalMap,p.clearcoatNormalMapTransform),p.clearcoatNormalScale.value.copy(g.clearcoatNormalScale),g.side===Ye&&p.clearcoatNormalScale.value.negate())),g.dispersion>0&&(p.dispersion.value=g.dispersion),g.retroreflectivity>0&&(p.retroreflectivity.value=g.retroreflectivity),g.iridescence>0&&(p.iridescence.value=g.iridescence,p.iridescenceIOR.value=g.iridescenceIOR,p.iridescenceThicknessMinimum.value=g.iridescenceThicknessMinimum,p.iridescenceThicknessMaximum.value=g.iridescenceThicknessMaximum,g.iridescenceMap&&(p.iridescenceMap.value=g.iridescenceMap,e(g.iridescenceMap,p.iridescenceMapTransform)),g.iridescenceThicknessMap&&(p.iridescenceThicknessMap.value=g.iridescenceThicknessMap,e(g.iridescenceThicknessMap,p.iridescenceThicknessMapTransform))),g.transmission>0&&(p.transmission.value=g.transmission,p.transmissionSamplerMap.value=x.texture,p.transmissionSamplerSize.value.set(x.width,x.height),g.transmissionMap&&(p.transmissionMap.value=g.transmissionMap,e(g.transmissionMap,p.transmissionMapTransform)),p.thickness.value=g.thickness,g.thicknessMap&&(p.thicknessMap.value=g.thicknessMap,e(g.thicknessMap,p.thicknessMapTransform)),p.attenuationDistance.value=g.attenuationDistance,p.attenuationColor.value.copy(g.attenuationColor)),g.anisotropy>0&&(p.anisotropyVector.value.set(g.anisotropy*Math.cos(g.anisotropyRotation),g.anisotropy*Math.sin(g.anisotropyRotation)),g.anisotropyMap&&(p.anisotropyMap.value=g.anisotropyMap,e(g.anisotropyMap,p.anisotropyMapTransform))),p.specularIntensity.value=g.specularIntensity,p.specularColor.value.copy(g.specularColor),g.specularColorMap&&(p.specularColorMap.value=g.specularColorMap,e(g.specularColorMap,p.specularColorMapTransform)),g.specularIntensityMap&&(p.specularIntensityMap.value=g.specularIntensityMap,e(g.specularIntensityMap,p.specularIntensityMapTransform))}function m(p,g){g.matcap&&(p.matcap.value=g.matcap)}function y(p,g){let x=t.get(g).light;p.referencePosition.value.setFromMatrixPosition(x.matrixWorld),p.nearDistance.value=x.shadow.camera.near,p.farDistance.value=x.shadow.camera.far}return{refreshFogUniforms:i,refreshMaterialUniforms:n}}function Av(s,t,e,i){let n={},r={};function o(x,S){let v=S.program;i.uniformBlockBinding(x,v,n[x.id])}function a(x,S){let v=n[x.id];v===void 0&&(m(x),v=l(x),n[x.id]=v,x.addEventListener("dispose",p));let M=S.program;i.updateUBOMapping(x,M);let w=t.render.frame;r[x.id]!==w&&(c(x),r[x.id]=w)}function l(x){let S=s.createBuffer(),v=x.__size,M=x.usage;return s.bindBuffer(s.UNIFORM_BUFFER,S),s.bufferData(s.UNIFORM_BUFFER,v,M),s.bindBuffer(s.UNIFORM_BUFFER,null),S}function c(x){let S=n[x.id],v=x.uniforms,M=x.__cache;s.bindBuffer(s.UNIFORM_BUFFER,S);for(let w=0,_=v.length;w<_;w++){let b=v[w];if(Array.isArray(b))for(let C=0,A=b.length;C<A;C++)h(b[C],w,C,M);else h(b,w,0,M)}s.bindBuffer(s.UNIFORM_BUFFER,null)}function h(x,S,v,M){if(d(x,S,v,M)===!0){let w=x.__offset,_=x.value;if(Array.isArray(_)){let b=0;for(let C=0;C<_.length;C++){let A=_[C],I=y(A,!0);u(A,x.__data,b),b+=I.storage/Float32Array.BYTES_PER_ELEMENT}}else u(_,x.__data,0);s.bufferSubData(s.UNIFORM_BUFFER,w,x.__data)}}function u(x,S,v){typeof x=="number"||typeof x=="boolean"?S[v]=x:x.isMatrix3?(S[v]=x.elements[0],S[v+1]=x.elements[1],S[v+2]=x.elements[2],S[v+3]=0,S[v+4]=x.elements[3],S[v+5]=x.elements[4],S[v+6]=x.elements[5],S[v+7]=0,S[v+8]=x.elements[6],S[v+9]=x.elements[7],S[v+10]=x.elements[8],S[v+11]=0):ArrayBuffer.isView(x)?S.set(x.subarray(0,S.length-v),v):x.toArray(S,v)}function d(x,S,v,M){let w=x.value,_=S+"_"+v;if(Array.isArray(w)){M[_]===void 0&&(M[_]=[]);let b=M[_],C=!1;for(let A=0;A<w.length;A++)f(w[A],b,A)===!0&&(C=!0);return C}return f(w,M,_)}function f(x,S,v){if(S[v]===void 0)return typeof x=="number"||typeof x=="boolean"?S[v]=x:ArrayBuffer.isView(x)?S[v]=x.slice():S[v]=x.clone(),!0;{let M=S[v];if(typeof x=="number"||typeof x=="boolean"){if(M!==x)return S[v]=x,!0}else{if(ArrayBuffer.isView(x))return!0;if(M.equals(x)===!1)return M.copy(x),!0}}return!1}function m(x){let S=x.uniforms,v=0,M=16;for(let _=0,b=S.length;_<b;_++){let C=Array.isArray(S[_])?S[_]:[S[_]];for(let A=0,I=C.length;A<I;A++){let R=C[A],F=Array.isArray(R.value)?R.value:[R.value],L=Array.isArray(S[_])||Array.isArray(R.value),k=v;for(let G=0,it=F.length;G<it;G++){let Y=F[G],tt=y(Y,L),nt=v%M,xt=nt%tt.boundary,Dt=nt+xt;v+=xt,Dt!==0&&M-Dt<tt.storage&&(v+=M-Dt),G===0&&(k=v),v+=tt.storage}let z=R.type==="int"?Int32Array:R.type==="uint"?Uint32Array:Float32Array;R.__data=new z((v-k)/Float32Array.BYTES_PER_ELEMENT),R.__offset=k}}let w=v%M;return w>0&&(v+=M-w),x.__size=v,x.__cache={},this}function y(x,S){let v={boundary:0,storage:0};return typeof x=="number"||typeof x=="boolean"?(v.boundary=4,v.storage=4):x.isVector2?(v.boundary=8,v.storage=8):x.isVector3||x.isColor?(v.boundary=16,v.storage=12):x.isVector4?(v.boundary=16,v.storage=16):x.isMatrix3?(v.boundary=16,v.storage=48):x.isMatrix4?(v.boundary=16,v.storage=64):x.isTexture?Nt("WebGLRenderer: Texture samplers can not be part of an uniforms group."):ArrayBuffer.isView(x)?(v.boundary=16,v.storage=x.byteLength):Nt("WebGLRenderer: Unsupported uniform value type.",x),S===!0&&(v.boundary=16,v.storage=Math.ceil(v.storage/16)*16),v}function p(x){let S=x.target;S.removeEventListener("dispose",p),s.deleteBuffer(n[S.id]),delete n[S.id],delete r[S.id]}function g(){for(let x in n)s.deleteBuffer(n[x]);n={},r={}}return{bind:o,update:a,dispose:g}}function Rv(){return jn===null&&(jn=new Zi(Cv,16,16,Li,Gn),jn.name="DFG_LUT",jn.minFilter=un,jn.magFilter=un,jn.wrapS=$n,jn.wrapT=$n,jn.generateMipmaps=!1,jn.needsUpdate=!0),jn}var Xg,Yg,$g,Zg,Jg,Kg,jg,Qg,t_,e_,n_,i_,s_,r_,o_,a_,l_,c_,h_,u_,d_,f_,p_,m_,g_,__,x_,y_,v_,S_,b_,M_,w_,T_,E_,A_,C_,R_,P_,I_,L_,D_,N_,U_,F_,O_,B_,k_,z_,V_,H_,G_,W_,q_,X_,Y_,$_,Z_,J_,K_,j_,Q_,t0,e0,n0,i0,s0,r0,o0,a0,l0,c0,h0,u0,d0,f0,p0,m0,g0,_0,x0,y0,v0,S0,b0,M0,w0,T0,E0,A0,C0,R0,P0,I0,L0,D0,N0,U0,F0,O0,B0,k0,z0,V0,H0,G0,W0,q0,X0,Y0,$0,Z0,J0,K0,j0,Q0,tx,ex,nx,ix,sx,rx,ox,ax,lx,cx,hx,ux,dx,fx,px,mx,gx,_x,xx,yx,vx,Sx,bx,Mx,wx,$t,vt,Qn,Sl,Tx,Of,so,mf,Ix,Lx,Bf,kf,Dx,Nx,Ux,Ml,Xx,zf,Vf,Hf,Gf,Wf,qf,yf,vf,Sf,bf,Mf,Nh,Uh,Fh,Lh,Gs,Uy,Fy,Ef,zy,bl,Xy,$y,Jy,jy,tv,iv,Bh,kh,uv,mv,gv,_v,xv,Uf,no,Dh,Mv,wv,zh,Vh,Tv,Xf,Cv,jn,wl,Ae=It(()=>{Ih();Ih();Xg=`#ifdef USE_ALPHAHASH
	if ( diffuseColor.a < getAlphaHashThreshold( vPosition ) ) discard;
#endif`,Yg=`#ifdef USE_ALPHAHASH
	const float ALPHA_HASH_SCALE = 0.05;
	float hash2D( vec2 value ) {
		return fract( 1.0e4 * sin( 17.0 * value.x + 0.1 * value.y ) * ( 0.1 + abs( sin( 13.0 * value.y + value.x ) ) ) );
	}
	float hash3D( vec3 value ) {
		return hash2D( vec2( hash2D( value.xy ), value.z ) );
	}
	float getAlphaHashThreshold( vec3 position ) {
		float maxDeriv = max(
			length( dFdx( position.xyz ) ),
			length( dFdy( position.xyz ) )
		);
		float pixScale = 1.0 / ( ALPHA_HASH_SCALE * maxDeriv );
		vec2 pixScales = vec2(
			exp2( floor( log2( pixScale ) ) ),
			exp2( ceil( log2( pixScale ) ) )
		);
		vec2 alpha = vec2(
			hash3D( floor( pixScales.x * position.xyz ) ),
			hash3D( floor( pixScales.y * position.xyz ) )
		);
		float lerpFactor = fract( log2( pixScale ) );
		float x = ( 1.0 - lerpFactor ) * alpha.x + lerpFactor * alpha.y;
		float a = min( lerpFactor, 1.0 - lerpFactor );
		vec3 cases = vec3(
			x * x / ( 2.0 * a * ( 1.0 - a ) ),
			( x - 0.5 * a ) / ( 1.0 - a ),
			1.0 - ( ( 1.0 - x ) * ( 1.0 - x ) / ( 2.0 * a * ( 1.0 - a ) ) )
		);
		float threshold = ( x < ( 1.0 - a ) )
			? ( ( x < a ) ? cases.x : cases.y )
			: cases.z;
		return clamp( threshold , 1.0e-6, 1.0 );
	}
#endif`,$g=`#ifdef USE_ALPHAMAP
	diffuseColor.a *= texture2D( alphaMap, vAlphaMapUv ).g;
#endif`,Zg=`#ifdef USE_ALPHAMAP
	uniform sampler2D alphaMap;
#endif`,Jg=`#ifdef USE_ALPHATEST
	#ifdef ALPHA_TO_COVERAGE
	diffuseColor.a = smoothstep( alphaTest, alphaTest + fwidth( diffuseColor.a ), diffuseColor.a );
	if ( diffuseColor.a == 0.0 ) discard;
	#else
	if ( diffuseColor.a < alphaTest ) discard;
	#endif
#endif`,Kg=`#ifdef USE_ALPHATEST
	uniform float alphaTest;
#endif`,jg=`#ifdef USE_AOMAP
	float ambientOcclusion = ( texture2D( aoMap, vAoMapUv ).r - 1.0 ) * aoMapIntensity + 1.0;
	reflectedLight.indirectDiffuse *= ambientOcclusion;
	#if defined( USE_CLEARCOAT ) 
		clearcoatSpecularIndirect *= ambientOcclusion;
	#endif
	#if defined( USE_SHEEN ) 
		sheenSpecularIndirect *= ambientOcclusion;
	#endif
	#if defined( USE_ENVMAP ) && defined( STANDARD )
		float dotNV = saturate( dot( geometryNormal, geometryViewDir ) );
		reflectedLight.indirectSpecular *= computeSpecularOcclusion( dotNV, ambientOcclusion, material.roughness );
	#endif
#endif`,Qg=`#ifdef USE_AOMAP
	uniform sampler2D aoMap;
	uniform float aoMapIntensity;
#endif`,t_=`#ifdef USE_BATCHING
	#if ! defined( GL_ANGLE_multi_draw )
	#define gl_DrawID _gl_DrawID
	uniform int _gl_DrawID;
	#endif
	uniform highp sampler2D batchingTexture;
	uniform highp usampler2D batchingIdTexture;
	mat4 getBatchingMatrix( const in float i ) {
		int size = textureSize( batchingTexture, 0 ).x;
		int j = int( i ) * 4;
		int x = j % size;
		int y = j / size;
		vec4 v1 = texelFetch( batchingTexture, ivec2( x, y ), 0 );
		vec4 v2 = texelFetch( batchingTexture, ivec2( x + 1, y ), 0 );
		vec4 v3 = texelFetch( batchingTexture, ivec2( x + 2, y ), 0 );
		vec4 v4 = texelFetch( batchingTexture, ivec2( x + 3, y ), 0 );
		return mat4( v1, v2, v3, v4 );
	}
	float getIndirectIndex( const in int i ) {
		int size = textureSize( batchingIdTexture, 0 ).x;
		int x = i % size;
		int y = i / size;
		return float( texelFetch( batchingIdTexture, ivec2( x, y ), 0 ).r );
	}
#endif
#ifdef USE_BATCHING_COLOR
	uniform sampler2D batchingColorTexture;
	vec4 getBatchingColor( const in float i ) {
		int size = textureSize( batchingColorTexture, 0 ).x;
		int j = int( i );
		int x = j % size;
		int y = j / size;
		return texelFetch( batchingColorTexture, ivec2( x, y ), 0 );
	}
#endif`,e_=`#ifdef USE_BATCHING
	mat4 batchingMatrix = getBatchingMatrix( getIndirectIndex( gl_DrawID ) );
#endif`,n_=`vec3 transformed = vec3( position );
#ifdef USE_ALPHAHASH
	vPosition = vec3( position );
#endif`,i_=`vec3 objectNormal = vec3( normal );
#ifdef USE_TANGENT
	vec3 objectTangent = vec3( tangent.xyz );
#endif`,s_=`float G_BlinnPhong_Implicit( ) {
	return 0.25;
}
float D_BlinnPhong( const in float shininess, const in float dotNH ) {
	return RECIPROCAL_PI * ( shininess * 0.5 + 1.0 ) * pow( dotNH, shininess );
}
vec3 BRDF_BlinnPhong( const in vec3 lightDir, const in vec3 viewDir, const in vec3 normal, const in vec3 specularColor, const in float shininess ) {
	vec3 halfDir = normalize( lightDir + viewDir );
	float dotNH = saturate( dot( normal, halfDir ) );
	float dotVH = saturate( dot( viewDir, halfDir ) );
	vec3 F = F_Schlick( specularColor, 1.0, dotVH );
	float G = G_BlinnPhong_Implicit( );
	float D = D_BlinnPhong( shininess, dotNH );
	return F * ( G * D );
} // validated`,r_=`#ifdef USE_IRIDESCENCE
	const mat3 XYZ_TO_REC709 = mat3(
		 3.2404542, -0.9692660,  0.0556434,
		-1.5371385,  1.8760108, -0.2040259,
		-0.4985314,  0.0415560,  1.0572252
	);
	vec3 Fresnel0ToIor( vec3 fresnel0 ) {
		vec3 sqrtF0 = sqrt( fresnel0 );
		return ( vec3( 1.0 ) + sqrtF0 ) / ( vec3( 1.0 ) - sqrtF0 );
	}
	vec3 IorToFresnel0( vec3 transmittedIor, float incidentIor ) {
		return pow2( ( transmittedIor - vec3( incidentIor ) ) / ( transmittedIor + vec3( incidentIor ) ) );
	}
	float IorToFresnel0( float transmittedIor, float incidentIor ) {
		return pow2( ( transmittedIor - incidentIor ) / ( transmittedIor + incidentIor ));
	}
	vec3 evalSensitivity( float OPD, vec3 shift ) {
		float phase = 2.0 * PI * OPD * 1.0e-9;
		vec3 val = vec3( 5.4856e-13, 4.4201e-13, 5.2481e-13 );
		vec3 pos = vec3( 1.6810e+06, 1.7953e+06, 2.2084e+06 );
		vec3 var = vec3( 4.3278e+09, 9.3046e+09, 6.6121e+09 );
		vec3 xyz = val * sqrt( 2.0 * PI * var ) * cos( pos * phase + shift ) * exp( - pow2( phase ) * var );
		xyz.x += 9.7470e-14 * sqrt( 2.0 * PI * 4.5282e+09 ) * cos( 2.2399e+06 * phase + shift[ 0 ] ) * exp( - 4.5282e+09 * pow2( phase ) );
		xyz /= 1.0685e-7;
		vec3 rgb = XYZ_TO_REC709 * xyz;
		return rgb;
	}
	vec3 evalIridescence( float outsideIOR, float eta2, float cosTheta1, float thinFilmThickness, vec3 baseF0 ) {
		vec3 I;
		float iridescenceIOR = mix( outsideIOR, eta2, smoothstep( 0.0, 0.03, thinFilmThickness ) );
		float sinTheta2Sq = pow2( outsideIOR / iridescenceIOR ) * ( 1.0 - pow2( cosTheta1 ) );
		float cosTheta2Sq = 1.0 - sinTheta2Sq;
		if ( cosTheta2Sq < 0.0 ) {
			return vec3( 1.0 );
		}
		float cosTheta2 = sqrt( cosTheta2Sq );
		float R0 = IorToFresnel0( iridescenceIOR, outsideIOR );
		float R12 = F_Schlick( R0, 1.0, cosTheta1 );
		float T121 = 1.0 - R12;
		float phi12 = 0.0;
		if ( iridescenceIOR < outsideIOR ) phi12 = PI;
		float phi21 = PI - phi12;
		vec3 baseIOR = Fresnel0ToIor( clamp( baseF0, 0.0, 0.9999 ) );		vec3 R1 = IorToFresnel0( baseIOR, iridescenceIOR );
		vec3 R23 = F_Schlick( R1, 1.0, cosTheta2 );
		vec3 phi23 = vec3( 0.0 );
		if ( baseIOR[ 0 ] < iridescenceIOR ) phi23[ 0 ] = PI;
		if ( baseIOR[ 1 ] < iridescenceIOR ) phi23[ 1 ] = PI;
		if ( baseIOR[ 2 ] < iridescenceIOR ) phi23[ 2 ] = PI;
		float OPD = 2.0 * iridescenceIOR * thinFilmThickness * cosTheta2;
		vec3 phi = vec3( phi21 ) + phi23;
		vec3 R123 = clamp( R12 * R23, 1e-5, 0.9999 );
		vec3 r123 = sqrt( R123 );
		vec3 Rs = pow2( T121 ) * R23 / ( vec3( 1.0 ) - R123 );
		vec3 C0 = R12 + Rs;
		I = C0;
		vec3 Cm = Rs - T121;
		for ( int m = 1; m <= 2; ++ m ) {
			Cm *= r123;
			vec3 Sm = 2.0 * evalSensitivity( float( m ) * OPD, float( m ) * phi );
			I += Cm * Sm;
		}
		return max( I, vec3( 0.0 ) );
	}
#endif`,o_=`#ifdef USE_BUMPMAP
	uniform sampler2D bumpMap;
	uniform float bumpScale;
	vec2 dHdxy_fwd() {
		vec2 dSTdx = dFdx( vBumpMapUv );
		vec2 dSTdy = dFdy( vBumpMapUv );
		float Hll = bumpScale * texture2D( bumpMap, vBumpMapUv ).x;
		float dBx = bumpScale * texture2D( bumpMap, vBumpMapUv + dSTdx ).x - Hll;
		float dBy = bumpScale * texture2D( bumpMap, vBumpMapUv + dSTdy ).x - Hll;
		return vec2( dBx, dBy );
	}
	vec3 perturbNormalArb( vec3 surf_pos, vec3 surf_norm, vec2 dHdxy, float faceDirection ) {
		vec3 vSigmaX = normalize( dFdx( surf_pos.xyz ) );
		vec3 vSigmaY = normalize( dFdy( surf_pos.xyz ) );
		vec3 vN = surf_norm;
		vec3 R1 = cross( vSigmaY, vN );
		vec3 R2 = cross( vN, vSigmaX );
		float fDet = dot( vSigmaX, R1 ) * faceDirection;
		vec3 vGrad = sign( fDet ) * ( dHdxy.x * R1 + dHdxy.y * R2 );
		return normalize( abs( fDet ) * surf_norm - vGrad );
	}
#endif`,a_=`#if NUM_CLIPPING_PLANES > 0
	vec4 plane;
	#ifdef ALPHA_TO_COVERAGE
		float distanceToPlane, distanceGradient;
		float clipOpacity = 1.0;
		#pragma unroll_loop_start
		for ( int i = 0; i < UNION_CLIPPING_PLANES; i ++ ) {
			plane = clippingPlanes[ i ];
			distanceToPlane = - dot( vClipPosition, plane.xyz ) + plane.w;
			distanceGradient = fwidth( distanceToPlane ) / 2.0;
			clipOpacity *= smoothstep( - distanceGradient, distanceGradient, distanceToPlane );
			if ( clipOpacity == 0.0 ) discard;
		}
		#pragma unroll_loop_end
		#if UNION_CLIPPING_PLANES < NUM_CLIPPING_PLANES
			float unionClipOpacity = 1.0;
			#pragma unroll_loop_start
			for ( int i = UNION_CLIPPING_PLANES; i < NUM_CLIPPING_PLANES; i ++ ) {
				plane = clippingPlanes[ i ];
				distanceToPlane = - dot( vClipPosition, plane.xyz ) + plane.w;
				distanceGradient = fwidth( distanceToPlane ) / 2.0;
				unionClipOpacity *= 1.0 - smoothstep( - distanceGradient, distanceGradient, distanceToPlane );
			}
			#pragma unroll_loop_end
			clipOpacity *= 1.0 - unionClipOpacity;
		#endif
		diffuseColor.a *= clipOpacity;
		if ( diffuseColor.a == 0.0 ) discard;
	#else
		#pragma unroll_loop_start
		for ( int i = 0; i < UNION_CLIPPING_PLANES; i ++ ) {
			plane = clippingPlanes[ i ];
			if ( dot( vClipPosition, plane.xyz ) > plane.w ) discard;
		}
		#pragma unroll_loop_end
		#if UNION_CLIPPING_PLANES < NUM_CLIPPING_PLANES
			bool clipped = true;
			#pragma unroll_loop_start
			for ( int i = UNION_CLIPPING_PLANES; i < NUM_CLIPPING_PLANES; i ++ ) {
				plane = clippingPlanes[ i ];
				clipped = ( dot( vClipPosition, plane.xyz ) > plane.w ) && clipped;
			}
			#pragma unroll_loop_end
			if ( clipped ) discard;
		#endif
	#endif
#endif`,l_=`#if NUM_CLIPPING_PLANES > 0
	varying vec3 vClipPosition;
	uniform vec4 clippingPlanes[ NUM_CLIPPING_PLANES ];
#endif`,c_=`#if NUM_CLIPPING_PLANES > 0
	varying vec3 vClipPosition;
#endif`,h_=`#if NUM_CLIPPING_PLANES > 0
	vClipPosition = - mvPosition.xyz;
#endif`,u_=`#if defined( USE_COLOR ) || defined( USE_COLOR_ALPHA )
	diffuseColor *= vColor;
#endif`,d_=`#if defined( USE_COLOR ) || defined( USE_COLOR_ALPHA )
	varying vec4 vColor;
#endif`,f_=`#if defined( USE_COLOR ) || defined( USE_COLOR_ALPHA ) || defined( USE_INSTANCING_COLOR ) || defined( USE_BATCHING_COLOR )
	varying vec4 vColor;
#endif`,p_=`#if defined( USE_COLOR ) || defined( USE_COLOR_ALPHA ) || defined( USE_INSTANCING_COLOR ) || defined( USE_BATCHING_COLOR )
	vColor = vec4( 1.0 );
#endif
#ifdef USE_COLOR_ALPHA
	vColor *= color;
#elif defined( USE_COLOR )
	vColor.rgb *= color;
#endif
#ifdef USE_INSTANCING_COLOR
	vColor.rgb *= instanceColor.rgb;
#endif
#ifdef USE_BATCHING_COLOR
	vColor *= getBatchingColor( getIndirectIndex( gl_DrawID ) );
#endif`,m_=`#define PI 3.141592653589793
#define PI2 6.283185307179586
#define PI_HALF 1.5707963267948966
#define RECIPROCAL_PI 0.3183098861837907
#define RECIPROCAL_PI2 0.15915494309189535
#define EPSILON 1e-6
#ifndef saturate
#define saturate( a ) clamp( a, 0.0, 1.0 )
#endif
#define whiteComplement( a ) ( 1.0 - saturate( a ) )
float pow2( const in float x ) { return x*x; }
vec3 pow2( const in vec3 x ) { return x*x; }
float pow3( const in float x ) { return x*x*x; }
float pow4( const in float x ) { float x2 = x*x; return x2*x2; }
float max3( const in vec3 v ) { return max( max( v.x, v.y ), v.z ); }
float average( const in vec3 v ) { return dot( v, vec3( 0.3333333 ) ); }
highp float rand( const in vec2 uv ) {
	const highp float a = 12.9898, b = 78.233, c = 43758.5453;
	highp float dt = dot( uv.xy, vec2( a,b ) ), sn = mod( dt, PI );
	return fract( sin( sn ) * c );
}
#ifdef HIGH_PRECISION
	float precisionSafeLength( vec3 v ) { return length( v ); }
#else
	float precisionSafeLength( vec3 v ) {
		float maxComponent = max3( abs( v ) );
		return length( v / maxComponent ) * maxComponent;
	}
#endif
struct IncidentLight {
	vec3 color;
	vec3 direction;
	bool visible;
};
struct ReflectedLight {
	vec3 directDiffuse;
	vec3 directSpecular;
	vec3 indirectDiffuse;
	vec3 indirectSpecular;
};
#ifdef USE_ALPHAHASH
	varying vec3 vPosition;
#endif
vec3 transformDirection( in vec3 dir, in mat4 matrix ) {
	return normalize( ( matrix * vec4( dir, 0.0 ) ).xyz );
}
#define inverseTransformDirection transformDirectionByInverseViewMatrix
vec3 transformNormalByInverseViewMatrix( in vec3 normal, in mat4 viewMatrix ) {
	return normalize( ( vec4( normal, 0.0 ) * viewMatrix ).xyz );
}
vec3 transformDirectionByInverseViewMatrix( in vec3 dir, in mat4 viewMatrix ) {
	return normalize( ( vec4( dir, 0.0 ) * viewMatrix ).xyz );
}
bool isPerspectiveMatrix( mat4 m ) {
	return m[ 2 ][ 3 ] == - 1.0;
}
vec2 equirectUv( in vec3 dir ) {
	float u = atan( dir.z, dir.x ) * RECIPROCAL_PI2 + 0.5;
	float v = asin( clamp( dir.y, - 1.0, 1.0 ) ) * RECIPROCAL_PI + 0.5;
	return vec2( u, v );
}
vec3 BRDF_Lambert( const in vec3 diffuseColor ) {
	return RECIPROCAL_PI * diffuseColor;
}
vec3 F_Schlick( const in vec3 f0, const in float f90, const in float dotVH ) {
	float fresnel = exp2( ( - 5.55473 * dotVH - 6.98316 ) * dotVH );
	return f0 * ( 1.0 - fresnel ) + ( f90 * fresnel );
}
float F_Schlick( const in float f0, const in float f90, const in float dotVH ) {
	float fresnel = exp2( ( - 5.55473 * dotVH - 6.98316 ) * dotVH );
	return f0 * ( 1.0 - fresnel ) + ( f90 * fresnel );
} // validated`,g_=`vec3 transformedNormal = objectNormal;
#ifdef USE_TANGENT
	vec3 transformedTangent = objectTangent;
#endif
#ifdef USE_BATCHING
	mat3 bm = mat3( batchingMatrix );
	transformedNormal /= vec3( dot( bm[ 0 ], bm[ 0 ] ), dot( bm[ 1 ], bm[ 1 ] ), dot( bm[ 2 ], bm[ 2 ] ) );
	transformedNormal = bm * transformedNormal;
	#ifdef USE_TANGENT
		transformedTangent = bm * transformedTangent;
	#endif
#endif
#ifdef USE_INSTANCING
	mat3 im = mat3( instanceMatrix );
	transformedNormal /= vec3( dot( im[ 0 ], im[ 0 ] ), dot( im[ 1 ], im[ 1 ] ), dot( im[ 2 ], im[ 2 ] ) );
	transformedNormal = im * transformedNormal;
	#ifdef USE_TANGENT
		transformedTangent = im * transformedTangent;
	#endif
#endif
transformedNormal = normalMatrix * transformedNormal;
#ifdef FLIP_SIDED
	transformedNormal = - transformedNormal;
#endif
#ifdef USE_TANGENT
	transformedTangent = ( modelViewMatrix * vec4( transformedTangent, 0.0 ) ).xyz;
#endif`,__=`#ifdef USE_DISPLACEMENTMAP
	uniform sampler2D displacementMap;
	uniform float displacementScale;
	uniform float displacementBias;
#endif`,x_=`#ifdef USE_DISPLACEMENTMAP
	transformed += normalize( objectNormal ) * ( texture2D( displacementMap, vDisplacementMapUv ).x * displacementScale + displacementBias );
#endif`,y_=`#ifdef USE_EMISSIVEMAP
	vec4 emissiveColor = texture2D( emissiveMap, vEmissiveMapUv );
	#ifdef DECODE_VIDEO_TEXTURE_EMISSIVE
		emissiveColor = sRGBTransferEOTF( emissiveColor );
	#endif
	totalEmissiveRadiance *= emissiveColor.rgb;
#endif`,v_=`#ifdef USE_EMISSIVEMAP
	uniform sampler2D emissiveMap;
#endif`,S_="gl_FragColor = linearToOutputTexel( gl_FragColor );",b_=`vec4 LinearTransferOETF( in vec4 value ) {
	return value;
}
vec4 sRGBTransferEOTF( in vec4 value ) {
	return vec4( mix( pow( value.rgb * 0.9478672986 + vec3( 0.0521327014 ), vec3( 2.4 ) ), value.rgb * 0.0773993808, vec3( lessThanEqual( value.rgb, vec3( 0.04045 ) ) ) ), value.a );
}
vec4 sRGBTransferOETF( in vec4 value ) {
	return vec4( mix( pow( value.rgb, vec3( 0.41666 ) ) * 1.055 - vec3( 0.055 ), value.rgb * 12.92, vec3( lessThanEqual( value.rgb, vec3( 0.0031308 ) ) ) ), value.a );
}`,M_=`#ifdef USE_ENVMAP
	#ifdef ENV_WORLDPOS
		vec3 cameraToFrag;
		if ( isOrthographic ) {
			cameraToFrag = normalize( vec3( - viewMatrix[ 0 ][ 2 ], - viewMatrix[ 1 ][ 2 ], - viewMatrix[ 2 ][ 2 ] ) );
		} else {
			cameraToFrag = normalize( vWorldPosition - cameraPosition );
		}
		vec3 worldNormal = transformNormalByInverseViewMatrix( normal, viewMatrix );
		#ifdef ENVMAP_MODE_REFLECTION
			vec3 reflectVec = reflect( cameraToFrag, worldNormal );
		#else
			vec3 reflectVec = refract( cameraToFrag, worldNormal, refractionRatio );
		#endif
	#else
		vec3 reflectVec = vReflect;
	#endif
	#ifdef ENVMAP_TYPE_CUBE
		vec4 envColor = textureCube( envMap, envMapRotation * reflectVec );
		#ifdef ENVMAP_BLENDING_MULTIPLY
			outgoingLight = mix( outgoingLight, outgoingLight * envColor.xyz, specularStrength * reflectivity );
		#elif defined( ENVMAP_BLENDING_MIX )
			outgoingLight = mix( outgoingLight, envColor.xyz, specularStrength * reflectivity );
		#elif defined( ENVMAP_BLENDING_ADD )
			outgoingLight += envColor.xyz * specularStrength * reflectivity;
		#endif
	#endif
#endif`,w_=`#ifdef USE_ENVMAP
	uniform float envMapIntensity;
	uniform mat3 envMapRotation;
	uniform samplerCube envMap;
	#ifdef ENVMAP_TYPE_PMREM
		float roughnessToMip( const in float roughness ) {
			float r = clamp( roughness, 0.0, 1.0 );
			return ENVMAP_MAX_LOD * r * ( 2.0 - r );
		}
	#endif
#endif`,T_=`#ifdef USE_ENVMAP
	uniform float reflectivity;
	#if defined( USE_BUMPMAP ) || defined( USE_NORMALMAP ) || defined( PHONG ) || defined( LAMBERT )
		#define ENV_WORLDPOS
	#endif
	#ifdef ENV_WORLDPOS
		varying vec3 vWorldPosition;
		uniform float refractionRatio;
	#else
		varying vec3 vReflect;
	#endif
#endif`,E_=`#ifdef USE_ENVMAP
	#if defined( USE_BUMPMAP ) || defined( USE_NORMALMAP ) || defined( PHONG ) || defined( LAMBERT )
		#define ENV_WORLDPOS
	#endif
	#ifdef ENV_WORLDPOS
		
		varying vec3 vWorldPosition;
	#else
		varying vec3 vReflect;
		uniform float refractionRatio;
	#endif
#endif`,A_=`#ifdef USE_ENVMAP
	#ifdef ENV_WORLDPOS
		vWorldPosition = worldPosition.xyz;
	#else
		vec3 cameraToVertex;
		if ( isOrthographic ) {
			cameraToVertex = normalize( vec3( - viewMatrix[ 0 ][ 2 ], - viewMatrix[ 1 ][ 2 ], - viewMatrix[ 2 ][ 2 ] ) );
		} else {
			cameraToVertex = normalize( worldPosition.xyz - cameraPosition );
		}
		vec3 worldNormal = transformNormalByInverseViewMatrix( transformedNormal, viewMatrix );
		#ifdef ENVMAP_MODE_REFLECTION
			vReflect = reflect( cameraToVertex, worldNormal );
		#else
			vReflect = refract( cameraToVertex, worldNormal, refractionRatio );
		#endif
	#endif
#endif`,C_=`#ifdef USE_FOG
	vFogDepth = - mvPosition.z;
#endif`,R_=`#ifdef USE_FOG
	varying float vFogDepth;
#endif`,P_=`#ifdef USE_FOG
	#ifdef FOG_EXP2
		float fogFactor = 1.0 - exp( - fogDensity * fogDensity * vFogDepth * vFogDepth );
	#else
		float fogFactor = smoothstep( fogNear, fogFar, vFogDepth );
	#endif
	gl_FragColor.rgb = mix( gl_FragColor.rgb, fogColor, fogFactor );
#endif`,I_=`#ifdef USE_FOG
	uniform vec3 fogColor;
	varying float vFogDepth;
	#ifdef FOG_EXP2
		uniform float fogDensity;
	#else
		uniform float fogNear;
		uniform float fogFar;
	#endif
#endif`,L_=`#ifdef USE_GRADIENTMAP
	uniform sampler2D gradientMap;
#endif
vec3 getGradientIrradiance( vec3 normal, vec3 lightDirection ) {
	float dotNL = dot( normal, lightDirection );
	vec2 coord = vec2( dotNL * 0.5 + 0.5, 0.0 );
	#ifdef USE_GRADIENTMAP
		return vec3( texture2D( gradientMap, coord ).r );
	#else
		vec2 fw = fwidth( coord ) * 0.5;
		return mix( vec3( 0.7 ), vec3( 1.0 ), smoothstep( 0.7 - fw.x, 0.7 + fw.x, coord.x ) );
	#endif
}`,D_=`#ifdef USE_LIGHTMAP
	uniform sampler2D lightMap;
	uniform float lightMapIntensity;
#endif`,N_=`LambertMaterial material;
material.diffuseColor = diffuseColor.rgb;
material.specularStrength = specularStrength;`,U_=`varying vec3 vViewPosition;
struct LambertMaterial {
	vec3 diffuseColor;
	float specularStrength;
};
void RE_Direct_Lambert( const in IncidentLight directLight, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in LambertMaterial material, inout ReflectedLight reflectedLight ) {
	float dotNL = saturate( dot( geometryNormal, directLight.direction ) );
	vec3 irradiance = dotNL * directLight.color;
	reflectedLight.directDiffuse += irradiance * BRDF_Lambert( material.diffuseColor );
}
void RE_IndirectDiffuse_Lambert( const in vec3 irradiance, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in LambertMaterial material, inout ReflectedLight reflectedLight ) {
	reflectedLight.indirectDiffuse += irradiance * BRDF_Lambert( material.diffuseColor );
}
#define RE_Direct				RE_Direct_Lambert
#define RE_IndirectDiffuse		RE_IndirectDiffuse_Lambert`,F_=`uniform bool receiveShadow;
uniform vec3 ambientLightColor;
#if defined( USE_LIGHT_PROBES )
	uniform vec3 lightProbe[ 9 ];
#endif
vec3 shGetIrradianceAt( in vec3 normal, in vec3 shCoefficients[ 9 ] ) {
	float x = normal.x, y = normal.y, z = normal.z;
	vec3 result = shCoefficients[ 0 ] * 0.886227;
	result += shCoefficients[ 1 ] * 2.0 * 0.511664 * y;
	result += shCoefficients[ 2 ] * 2.0 * 0.511664 * z;
	result += shCoefficients[ 3 ] * 2.0 * 0.511664 * x;
	result += shCoefficients[ 4 ] * 2.0 * 0.429043 * x * y;
	result += shCoefficients[ 5 ] * 2.0 * 0.429043 * y * z;
	result += shCoefficients[ 6 ] * ( 0.743125 * z * z - 0.247708 );
	result += shCoefficients[ 7 ] * 2.0 * 0.429043 * x * z;
	result += shCoefficients[ 8 ] * 0.429043 * ( x * x - y * y );
	return result;
}
vec3 getLightProbeIrradiance( const in vec3 lightProbe[ 9 ], const in vec3 normal ) {
	vec3 worldNormal = transformNormalByInverseViewMatrix( normal, viewMatrix );
	vec3 irradiance = shGetIrradianceAt( worldNormal, lightProbe );
	return irradiance;
}
vec3 getAmbientLightIrradiance( const in vec3 ambientLightColor ) {
	vec3 irradiance = ambientLightColor;
	return irradiance;
}
float getDistanceAttenuation( const in float lightDistance, const in float cutoffDistance, const in float decayExponent ) {
	float distanceFalloff = 1.0 / max( pow( lightDistance, decayExponent ), 0.01 );
	if ( cutoffDistance > 0.0 ) {
		distanceFalloff *= pow2( saturate( 1.0 - pow4( lightDistance / cutoffDistance ) ) );
	}
	return distanceFalloff;
}
float getSpotAttenuation( const in float coneCosine, const in float penumbraCosine, const in float angleCosine ) {
	return smoothstep( coneCosine, penumbraCosine, angleCosine );
}
#if NUM_SUN_LIGHTS > 0
	struct SunLight {
		vec3 direction;
		vec3 color;
	};
	uniform SunLight sunLights[ NUM_SUN_LIGHTS ];
	void getSunLightInfo( const in SunLight sunLight, out IncidentLight light ) {
		light.color = sunLight.color;
		light.direction = sunLight.direction;
		light.visible = true;
	}
#endif
#if NUM_DIR_LIGHTS > 0
	struct DirectionalLight {
		vec3 direction;
		vec3 color;
	};
	uniform DirectionalLight directionalLights[ NUM_DIR_LIGHTS ];
	void getDirectionalLightInfo( const in DirectionalLight directionalLight, out IncidentLight light ) {
		light.color = directionalLight.color;
		light.direction = directionalLight.direction;
		light.visible = true;
	}
#endif
#if NUM_POINT_LIGHTS > 0
	struct PointLight {
		vec3 position;
		vec3 color;
		float distance;
		float decay;
	};
	uniform PointLight pointLights[ NUM_POINT_LIGHTS ];
	void getPointLightInfo( const in PointLight pointLight, const in vec3 geometryPosition, out IncidentLight light ) {
		vec3 lVector = pointLight.position - geometryPosition;
		light.direction = normalize( lVector );
		float lightDistance = length( lVector );
		light.color = pointLight.color;
		light.color *= getDistanceAttenuation( lightDistance, pointLight.distance, pointLight.decay );
		light.visible = ( light.color != vec3( 0.0 ) );
	}
#endif
#if NUM_SPOT_LIGHTS > 0
	struct SpotLight {
		vec3 position;
		vec3 direction;
		vec3 color;
		float distance;
		float decay;
		float coneCos;
		float penumbraCos;
	};
	uniform SpotLight spotLights[ NUM_SPOT_LIGHTS ];
	void getSpotLightInfo( const in SpotLight spotLight, const in vec3 geometryPosition, out IncidentLight light ) {
		vec3 lVector = spotLight.position - geometryPosition;
		light.direction = normalize( lVector );
		float angleCos = dot( light.direction, spotLight.direction );
		float spotAttenuation = getSpotAttenuation( spotLight.coneCos, spotLight.penumbraCos, angleCos );
		if ( spotAttenuation > 0.0 ) {
			float lightDistance = length( lVector );
			light.color = spotLight.color * spotAttenuation;
			light.color *= getDistanceAttenuation( lightDistance, spotLight.distance, spotLight.decay );
			light.visible = ( light.color != vec3( 0.0 ) );
		} else {
			light.color = vec3( 0.0 );
			light.visible = false;
		}
	}
#endif
#if NUM_RECT_AREA_LIGHTS > 0
	struct RectAreaLight {
		vec3 color;
		vec3 position;
		vec3 halfWidth;
		vec3 halfHeight;
	};
	uniform sampler2D ltc_1;	uniform sampler2D ltc_2;
	uniform RectAreaLight rectAreaLights[ NUM_RECT_AREA_LIGHTS ];
#endif
#if NUM_HEMI_LIGHTS > 0
	struct HemisphereLight {
		vec3 direction;
		vec3 skyColor;
		vec3 groundColor;
	};
	uniform HemisphereLight hemisphereLights[ NUM_HEMI_LIGHTS ];
	vec3 getHemisphereLightIrradiance( const in HemisphereLight hemiLight, const in vec3 normal ) {
		float dotNL = dot( normal, hemiLight.direction );
		float hemiDiffuseWeight = 0.5 * dotNL + 0.5;
		vec3 irradiance = mix( hemiLight.groundColor, hemiLight.skyColor, hemiDiffuseWeight );
		return irradiance;
	}
#endif
#include <lightprobes_pars_fragment>`,O_=`#ifdef USE_ENVMAP
	vec3 getIBLIrradiance( const in vec3 normal ) {
		#ifdef ENVMAP_TYPE_PMREM
			vec3 worldNormal = transformNormalByInverseViewMatrix( normal, viewMatrix );
			vec4 envMapColor = textureLod( envMap, envMapRotation * worldNormal, ENVMAP_MAX_LOD );
			return PI * envMapColor.rgb * envMapIntensity;
		#else
			return vec3( 0.0 );
		#endif
	}
	vec3 getIBLRadiance( const in vec3 viewDir, const in vec3 normal, const in float roughness ) {
		#ifdef ENVMAP_TYPE_PMREM
			vec3 reflectVec = reflect( - viewDir, normal );
			reflectVec = normalize( mix( reflectVec, normal, pow4( roughness ) ) );
			reflectVec = transformDirectionByInverseViewMatrix( reflectVec, viewMatrix );
			vec4 envMapColor = textureLod( envMap, envMapRotation * reflectVec, roughnessToMip( roughness ) );
			return envMapColor.rgb * envMapIntensity;
		#else
			return vec3( 0.0 );
		#endif
	}
	#ifdef USE_RETROREFLECTION
		vec3 getIBLRetroRadiance( const in vec3 viewDir, const in vec3 normal, const in float roughness ) {
			#ifdef ENVMAP_TYPE_PMREM
				vec3 retroVec = normalize( mix( viewDir, normal, pow4( roughness ) ) );
				retroVec = transformDirectionByInverseViewMatrix( retroVec, viewMatrix );
				vec4 envMapColor = textureLod( envMap, envMapRotation * retroVec, roughnessToMip( roughness ) );
				return envMapColor.rgb * envMapIntensity;
			#else
				return vec3( 0.0 );
			#endif
		}
	#endif
	#ifdef USE_ANISOTROPY
		vec3 getIBLAnisotropyRadiance( const in vec3 viewDir, const in vec3 normal, const in float roughness, const in vec3 bitangent, const in float anisotropy ) {
			#ifdef ENVMAP_TYPE_PMREM
				vec3 bentNormal = cross( bitangent, viewDir );
				bentNormal = normalize( cross( bentNormal, bitangent ) );
				bentNormal = normalize( mix( bentNormal, normal, pow2( pow2( 1.0 - anisotropy * ( 1.0 - roughness ) ) ) ) );
				return getIBLRadiance( viewDir, bentNormal, roughness );
			#else
				return vec3( 0.0 );
			#endif
		}
		#ifdef USE_RETROREFLECTION
			vec3 getIBLAnisotropyRetroRadiance( const in vec3 viewDir, const in vec3 normal, const in float roughness, const in vec3 bitangent, const in float anisotropy ) {
				#ifdef ENVMAP_TYPE_PMREM
					vec3 bentNormal = cross( bitangent, viewDir );
					bentNormal = normalize( cross( bentNormal, bitangent ) );
					bentNormal = normalize( mix( bentNormal, normal, pow2( pow2( 1.0 - anisotropy * ( 1.0 - roughness ) ) ) ) );
					return getIBLRetroRadiance( viewDir, bentNormal, roughness );
				#else
					return vec3( 0.0 );
				#endif
			}
		#endif
	#endif
#endif`,B_=`ToonMaterial material;
material.diffuseColor = diffuseColor.rgb;`,k_=`varying vec3 vViewPosition;
struct ToonMaterial {
	vec3 diffuseColor;
};
void RE_Direct_Toon( const in IncidentLight directLight, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in ToonMaterial material, inout ReflectedLight reflectedLight ) {
	vec3 irradiance = getGradientIrradiance( geometryNormal, directLight.direction ) * directLight.color;
	reflectedLight.directDiffuse += irradiance * BRDF_Lambert( material.diffuseColor );
}
void RE_IndirectDiffuse_Toon( const in vec3 irradiance, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in ToonMaterial material, inout ReflectedLight reflectedLight ) {
	reflectedLight.indirectDiffuse += irradiance * BRDF_Lambert( material.diffuseColor );
}
#define RE_Direct				RE_Direct_Toon
#define RE_IndirectDiffuse		RE_IndirectDiffuse_Toon`,z_=`BlinnPhongMaterial material;
material.diffuseColor = diffuseColor.rgb;
material.specularColor = specular;
material.specularShininess = shininess;
material.specularStrength = specularStrength;`,V_=`varying vec3 vViewPosition;
struct BlinnPhongMaterial {
	vec3 diffuseColor;
	vec3 specularColor;
	float specularShininess;
	float specularStrength;
};
void RE_Direct_BlinnPhong( const in IncidentLight directLight, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in BlinnPhongMaterial material, inout ReflectedLight reflectedLight ) {
	float dotNL = saturate( dot( geometryNormal, directLight.direction ) );
	vec3 irradiance = dotNL * directLight.color;
	reflectedLight.directDiffuse += irradiance * BRDF_Lambert( material.diffuseColor );
	reflectedLight.directSpecular += irradiance * BRDF_BlinnPhong( directLight.direction, geometryViewDir, geometryNormal, material.specularColor, material.specularShininess ) * material.specularStrength;
}
void RE_IndirectDiffuse_BlinnPhong( const in vec3 irradiance, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in BlinnPhongMaterial material, inout ReflectedLight reflectedLight ) {
	reflectedLight.indirectDiffuse += irradiance * BRDF_Lambert( material.diffuseColor );
}
#define RE_Direct				RE_Direct_BlinnPhong
#define RE_IndirectDiffuse		RE_IndirectDiffuse_BlinnPhong`,H_=`PhysicalMaterial material;
material.diffuseColor = diffuseColor.rgb;
material.diffuseContribution = diffuseColor.rgb * ( 1.0 - metalnessFactor );
material.metalness = metalnessFactor;
vec3 dxy = max( abs( dFdx( nonPerturbedNormal ) ), abs( dFdy( nonPerturbedNormal ) ) );
float geometryRoughness = max( max( dxy.x, dxy.y ), dxy.z );
material.roughness = max( roughnessFactor, 0.045 );
material.roughness += geometryRoughness;
material.roughness = min( material.roughness, 1.0 );
#ifdef USE_DIFFUSE_ROUGHNESS
	float diffuseRoughnessFactor = diffuseRoughness;
	#ifdef USE_DIFFUSE_ROUGHNESSMAP
		diffuseRoughnessFactor *= texture2D( diffuseRoughnessMap, vDiffuseRoughnessMapUv ).r;
	#endif
	material.diffuseRoughness = saturate( diffuseRoughnessFactor );
#endif
#ifdef IOR
	material.ior = ior;
	#ifdef USE_SPECULAR
		float specularIntensityFactor = specularIntensity;
		vec3 specularColorFactor = specularColor;
		#ifdef USE_SPECULAR_COLORMAP
			specularColorFactor *= texture2D( specularColorMap, vSpecularColorMapUv ).rgb;
		#endif
		#ifdef USE_SPECULAR_INTENSITYMAP
			specularIntensityFactor *= texture2D( specularIntensityMap, vSpecularIntensityMapUv ).a;
		#endif
		material.specularF90 = mix( specularIntensityFactor, 1.0, metalnessFactor );
	#else
		float specularIntensityFactor = 1.0;
		vec3 specularColorFactor = vec3( 1.0 );
		material.specularF90 = 1.0;
	#endif
	material.specularColor = min( pow2( ( material.ior - 1.0 ) / ( material.ior + 1.0 ) ) * specularColorFactor, vec3( 1.0 ) ) * specularIntensityFactor;
	material.specularColorBlended = mix( material.specularColor, diffuseColor.rgb, metalnessFactor );
#else
	material.specularColor = vec3( 0.04 );
	material.specularColorBlended = mix( material.specularColor, diffuseColor.rgb, metalnessFactor );
	material.specularF90 = 1.0;
#endif
#ifdef USE_CLEARCOAT
	material.clearcoat = clearcoat;
	material.clearcoatRoughness = clearcoatRoughness;
	material.clearcoatF0 = vec3( 0.04 );
	material.clearcoatF90 = 1.0;
	#ifdef USE_CLEARCOATMAP
		material.clearcoat *= texture2D( clearcoatMap, vClearcoatMapUv ).x;
	#endif
	#ifdef USE_CLEARCOAT_ROUGHNESSMAP
		material.clearcoatRoughness *= texture2D( clearcoatRoughnessMap, vClearcoatRoughnessMapUv ).y;
	#endif
	material.clearcoat = saturate( material.clearcoat );	material.clearcoatRoughness = max( material.clearcoatRoughness, 0.045 );
	material.clearcoatRoughness += geometryRoughness;
	material.clearcoatRoughness = min( material.clearcoatRoughness, 1.0 );
#endif
#ifdef USE_DISPERSION
	material.dispersion = dispersion;
#endif
#ifdef USE_RETROREFLECTION
	material.retroreflectivity = retroreflectivity;
#endif
#ifdef USE_IRIDESCENCE
	material.iridescence = iridescence;
	material.iridescenceIOR = iridescenceIOR;
	#ifdef USE_IRIDESCENCEMAP
		material.iridescence *= texture2D( iridescenceMap, vIridescenceMapUv ).r;
	#endif
	#ifdef USE_IRIDESCENCE_THICKNESSMAP
		material.iridescenceThickness = (iridescenceThicknessMaximum - iridescenceThicknessMinimum) * texture2D( iridescenceThicknessMap, vIridescenceThicknessMapUv ).g + iridescenceThicknessMinimum;
	#else
		material.iridescenceThickness = iridescenceThicknessMaximum;
	#endif
#endif
#ifdef USE_SHEEN
	material.sheenColor = sheenColor;
	#ifdef USE_SHEEN_COLORMAP
		material.sheenColor *= texture2D( sheenColorMap, vSheenColorMapUv ).rgb;
	#endif
	material.sheenRoughness = clamp( sheenRoughness, 0.0001, 1.0 );
	#ifdef USE_SHEEN_ROUGHNESSMAP
		material.sheenRoughness *= texture2D( sheenRoughnessMap, vSheenRoughnessMapUv ).a;
	#endif
#endif
#ifdef USE_ANISOTROPY
	#ifdef USE_ANISOTROPYMAP
		mat2 anisotropyMat = mat2( anisotropyVector.x, anisotropyVector.y, - anisotropyVector.y, anisotropyVector.x );
		vec3 anisotropyPolar = texture2D( anisotropyMap, vAnisotropyMapUv ).rgb;
		vec2 anisotropyV = anisotropyMat * normalize( 2.0 * anisotropyPolar.rg - vec2( 1.0 ) ) * anisotropyPolar.b;
	#else
		vec2 anisotropyV = anisotropyVector;
	#endif
	material.anisotropy = length( anisotropyV );
	if( material.anisotropy == 0.0 ) {
		anisotropyV = vec2( 1.0, 0.0 );
	} else {
		anisotropyV /= material.anisotropy;
		material.anisotropy = saturate( material.anisotropy );
	}
	material.alphaT = mix( pow2( material.roughness ), 1.0, pow2( material.anisotropy ) );
	material.anisotropyT = tbn[ 0 ] * anisotropyV.x + tbn[ 1 ] * anisotropyV.y;
	material.anisotropyB = tbn[ 1 ] * anisotropyV.x - tbn[ 0 ] * anisotropyV.y;
#endif`,G_=`uniform sampler2D dfgLUT;
struct PhysicalMaterial {
	vec3 diffuseColor;
	vec3 diffuseContribution;
	vec3 specularColor;
	vec3 specularColorBlended;
	float roughness;
	float metalness;
	float specularF90;
	float dispersion;
	vec2 dfg;
	vec3 multiScatteringCompensation;
	#ifdef USE_DIFFUSE_ROUGHNESS
		float diffuseRoughness;
	#endif
	#ifdef USE_RETROREFLECTION
		float retroreflectivity;
	#endif
	#ifdef USE_CLEARCOAT
		float clearcoat;
		float clearcoatRoughness;
		vec3 clearcoatF0;
		float clearcoatF90;
	#endif
	#ifdef USE_IRIDESCENCE
		float iridescence;
		float iridescenceIOR;
		float iridescenceThickness;
		vec3 iridescenceFresnel;
		vec3 iridescenceF0Dielectric;
		vec3 iridescenceF0Metallic;
	#endif
	#ifdef USE_SHEEN
		vec3 sheenColor;
		float sheenRoughness;
	#endif
	#ifdef IOR
		float ior;
	#endif
	#ifdef USE_TRANSMISSION
		float transmission;
		float transmissionAlpha;
		float thickness;
		float attenuationDistance;
		vec3 attenuationColor;
	#endif
	#ifdef USE_ANISOTROPY
		float anisotropy;
		float alphaT;
		vec3 anisotropyT;
		vec3 anisotropyB;
	#endif
};
vec3 clearcoatSpecularDirect = vec3( 0.0 );
vec3 clearcoatSpecularIndirect = vec3( 0.0 );
vec3 sheenSpecularDirect = vec3( 0.0 );
vec3 sheenSpecularIndirect = vec3(0.0 );
vec3 Schlick_to_F0( const in vec3 f, const in float f90, const in float dotVH ) {
    float x = clamp( 1.0 - dotVH, 0.0, 1.0 );
    float x2 = x * x;
    float x5 = clamp( x * x2 * x2, 0.0, 0.9999 );
    return ( f - vec3( f90 ) * x5 ) / ( 1.0 - x5 );
}
#ifdef USE_DIFFUSE_ROUGHNESS
	const float EON_EPSILON = 1e-7;
	float FON_DirectionalAlbedo( const in float mu, const in float roughness, const in float A ) {
		float muComp = 1.0 - mu;
		float gOverPi = muComp * ( 0.0571085289 + muComp * ( 0.491881867 + muComp * ( - 0.332181442 + muComp * 0.0714429953 ) ) );
		return A * ( 1.0 + roughness * gOverPi );
	}
	vec3 BRDF_EON( const in vec3 lightDir, const in vec3 viewDir, const in vec3 normal, const in vec3 diffuseColor, const in float roughness ) {
		vec3 rho = saturate( diffuseColor );
		if ( roughness <= EON_EPSILON ) return BRDF_Lambert( rho );
		float dotNL = saturate( dot( normal, lightDir ) );
		float dotNV = saturate( dot( normal, viewDir ) );
		float s = dot( lightDir, viewDir ) - dotNL * dotNV;
		float sOverT = ( s > 0.0 ) ? s / max( max( dotNL, dotNV ), EON_EPSILON ) : s;
		float A = 1.0 / ( 1.0 + ( 0.5 - 2.0 / ( 3.0 * PI ) ) * roughness );
		vec3 singleScatter = rho * RECIPROCAL_PI * A * ( 1.0 + roughness * sOverT );
		float averageAlbedo = A * ( 1.0 + ( 2.0 / 3.0 - 28.0 / ( 15.0 * PI ) ) * roughness );
		float albedoV = FON_DirectionalAlbedo( dotNV, roughness, A );
		float albedoL = FON_DirectionalAlbedo( dotNL, roughness, A );
		vec3 rhoMultiScatter = rho * rho * averageAlbedo / max( vec3( EON_EPSILON ), vec3( 1.0 ) - rho * ( 1.0 - averageAlbedo ) );
		vec3 multiScatter = rhoMultiScatter * RECIPROCAL_PI
			* max( EON_EPSILON, 1.0 - albedoV )
			* max( EON_EPSILON, 1.0 - albedoL )
			/ max( EON_EPSILON, 1.0 - averageAlbedo );
		return singleScatter + multiScatter;
	}
	vec3 EON_DirectionalAlbedo( const in vec3 diffuseColor, const in float roughness, const in float dotNV ) {
		vec3 rho = saturate( diffuseColor );
		if ( roughness <= EON_EPSILON ) return rho;
		float A = 1.0 / ( 1.0 + ( 0.5 - 2.0 / ( 3.0 * PI ) ) * roughness );
		float directionalAlbedo = FON_DirectionalAlbedo( dotNV, roughness, A );
		float averageAlbedo = A * ( 1.0 + ( 2.0 / 3.0 - 28.0 / ( 15.0 * PI ) ) * roughness );
		vec3 rhoMultiScatter = rho * rho * averageAlbedo / max( vec3( EON_EPSILON ), vec3( 1.0 ) - rho * ( 1.0 - averageAlbedo ) );
		return rho * directionalAlbedo + rhoMultiScatter * ( 1.0 - directionalAlbedo );
	}
#endif
float V_GGX_SmithCorrelated( const in float alpha, const in float dotNL, const in float dotNV ) {
	float a2 = pow2( alpha );
	float gv = dotNL * sqrt( a2 + ( 1.0 - a2 ) * pow2( dotNV ) );
	float gl = dotNV * sqrt( a2 + ( 1.0 - a2 ) * pow2( dotNL ) );
	return 0.5 / max( gv + gl, EPSILON );
}
float D_GGX( const in float alpha, const in float dotNH ) {
	float a2 = pow2( alpha );
	float denom = pow2( dotNH ) * ( a2 - 1.0 ) + 1.0;
	return RECIPROCAL_PI * a2 / pow2( denom );
}
#ifdef USE_ANISOTROPY
	float V_GGX_SmithCorrelated_Anisotropic( const in float alphaT, const in float alphaB, const in float dotTV, const in float dotBV, const in float dotTL, const in float dotBL, const in float dotNV, const in float dotNL ) {
		float gv = dotNL * length( vec3( alphaT * dotTV, alphaB * dotBV, dotNV ) );
		float gl = dotNV * length( vec3( alphaT * dotTL, alphaB * dotBL, dotNL ) );
		return 0.5 / max( gv + gl, EPSILON );
	}
	float D_GGX_Anisotropic( const in float alphaT, const in float alphaB, const in float dotNH, const in float dotTH, const in float dotBH ) {
		float a2 = alphaT * alphaB;
		highp vec3 v = vec3( alphaB * dotTH, alphaT * dotBH, a2 * dotNH );
		highp float v2 = dot( v, v );
		float w2 = a2 / v2;
		return RECIPROCAL_PI * a2 * pow2 ( w2 );
	}
#endif
#ifdef USE_CLEARCOAT
	vec3 BRDF_GGX_Clearcoat( const in vec3 lightDir, const in vec3 viewDir, const in vec3 normal, const in PhysicalMaterial material) {
		vec3 f0 = material.clearcoatF0;
		float f90 = material.clearcoatF90;
		float roughness = max( material.clearcoatRoughness, 0.045 );
		float alpha = pow2( roughness );
		vec3 halfDir = normalize( lightDir + viewDir );
		float dotNL = saturate( dot( normal, lightDir ) );
		float dotNV = saturate( dot( normal, viewDir ) );
		float dotNH = saturate( dot( normal, halfDir ) );
		float dotVH = saturate( dot( viewDir, halfDir ) );
		vec3 F = F_Schlick( f0, f90, dotVH );
		float V = V_GGX_SmithCorrelated( alpha, dotNL, dotNV );
		float D = D_GGX( alpha, dotNH );
		return F * ( V * D );
	}
#endif
vec3 BRDF_GGX( const in vec3 lightDir, const in vec3 viewDir, const in vec3 normal, const in PhysicalMaterial material ) {
	vec3 f0 = material.specularColorBlended;
	float f90 = material.specularF90;
	float roughness = max( material.roughness, 0.045 );
	float alpha = pow2( roughness );
	vec3 halfDir = normalize( lightDir + viewDir );
	float dotNL = saturate( dot( normal, lightDir ) );
	float dotNV = saturate( dot( normal, viewDir ) );
	float dotNH = saturate( dot( normal, halfDir ) );
	float dotVH = saturate( dot( viewDir, halfDir ) );
	vec3 F = F_Schlick( f0, f90, dotVH );
	#ifdef USE_IRIDESCENCE
		F = mix( F, material.iridescenceFresnel, material.iridescence );
	#endif
	#ifdef USE_ANISOTROPY
		float dotTL = dot( material.anisotropyT, lightDir );
		float dotTV = dot( material.anisotropyT, viewDir );
		float dotTH = dot( material.anisotropyT, halfDir );
		float dotBL = dot( material.anisotropyB, lightDir );
		float dotBV = dot( material.anisotropyB, viewDir );
		float dotBH = dot( material.anisotropyB, halfDir );
		float alphaT = max( material.alphaT, alpha );
		float V = V_GGX_SmithCorrelated_Anisotropic( alphaT, alpha, dotTV, dotBV, dotTL, dotBL, dotNV, dotNL );
		float D = D_GGX_Anisotropic( alphaT, alpha, dotNH, dotTH, dotBH );
	#else
		float V = V_GGX_SmithCorrelated( alpha, dotNL, dotNV );
		float D = D_GGX( alpha, dotNH );
	#endif
	return F * ( V * D );
}
vec2 LTC_Uv( const in vec3 N, const in vec3 V, const in float roughness ) {
	const float LUT_SIZE = 64.0;
	const float LUT_SCALE = ( LUT_SIZE - 1.0 ) / LUT_SIZE;
	const float LUT_BIAS = 0.5 / LUT_SIZE;
	float dotNV = saturate( dot( N, V ) );
	vec2 uv = vec2( roughness, sqrt( 1.0 - dotNV ) );
	uv = uv * LUT_SCALE + LUT_BIAS;
	return uv;
}
float LTC_ClippedSphereFormFactor( const in vec3 f ) {
	float l = length( f );
	return max( ( l * l + f.z ) / ( l + 1.0 ), 0.0 );
}
vec3 LTC_EdgeVectorFormFactor( const in vec3 v1, const in vec3 v2 ) {
	float x = dot( v1, v2 );
	float y = abs( x );
	float a = 0.8543985 + ( 0.4965155 + 0.0145206 * y ) * y;
	float b = 3.4175940 + ( 4.1616724 + y ) * y;
	float v = a / b;
	float theta_sintheta = ( x > 0.0 ) ? v : 0.5 * inversesqrt( max( 1.0 - x * x, 1e-7 ) ) - v;
	return cross( v1, v2 ) * theta_sintheta;
}
vec3 LTC_Evaluate( const in vec3 N, const in vec3 V, const in vec3 P, const in mat3 mInv, const in vec3 rectCoords[ 4 ] ) {
	vec3 v1 = rectCoords[ 1 ] - rectCoords[ 0 ];
	vec3 v2 = rectCoords[ 3 ] - rectCoords[ 0 ];
	vec3 lightNormal = cross( v1, v2 );
	if( dot( lightNormal, P - rectCoords[ 0 ] ) < 0.0 ) return vec3( 0.0 );
	vec3 T1, T2;
	T1 = normalize( V - N * dot( V, N ) );
	T2 = - cross( N, T1 );
	mat3 mat = mInv * transpose( mat3( T1, T2, N ) );
	vec3 coords[ 4 ];
	coords[ 0 ] = mat * ( rectCoords[ 0 ] - P );
	coords[ 1 ] = mat * ( rectCoords[ 1 ] - P );
	coords[ 2 ] = mat * ( rectCoords[ 2 ] - P );
	coords[ 3 ] = mat * ( rectCoords[ 3 ] - P );
	coords[ 0 ] = normalize( coords[ 0 ] );
	coords[ 1 ] = normalize( coords[ 1 ] );
	coords[ 2 ] = normalize( coords[ 2 ] );
	coords[ 3 ] = normalize( coords[ 3 ] );
	vec3 vectorFormFactor = vec3( 0.0 );
	vectorFormFactor += LTC_EdgeVectorFormFactor( coords[ 0 ], coords[ 1 ] );
	vectorFormFactor += LTC_EdgeVectorFormFactor( coords[ 1 ], coords[ 2 ] );
	vectorFormFactor += LTC_EdgeVectorFormFactor( coords[ 2 ], coords[ 3 ] );
	vectorFormFactor += LTC_EdgeVectorFormFactor( coords[ 3 ], coords[ 0 ] );
	float result = LTC_ClippedSphereFormFactor( vectorFormFactor );
	return vec3( result );
}
#if defined( USE_SHEEN )
float D_Charlie( float roughness, float dotNH ) {
	float alpha = pow2( roughness );
	float invAlpha = 1.0 / alpha;
	float cos2h = dotNH * dotNH;
	float sin2h = max( 1.0 - cos2h, 0.0078125 );
	return ( 2.0 + invAlpha ) * pow( sin2h, invAlpha * 0.5 ) / ( 2.0 * PI );
}
float V_Neubelt( float dotNV, float dotNL ) {
	return saturate( 1.0 / ( 4.0 * ( dotNL + dotNV - dotNL * dotNV ) ) );
}
vec3 BRDF_Sheen( const in vec3 lightDir, const in vec3 viewDir, const in vec3 normal, vec3 sheenColor, const in float sheenRoughness ) {
	vec3 halfDir = normalize( lightDir + viewDir );
	float dotNL = saturate( dot( normal, lightDir ) );
	float dotNV = saturate( dot( normal, viewDir ) );
	float dotNH = saturate( dot( normal, halfDir ) );
	float D = D_Charlie( sheenRoughness, dotNH );
	float V = V_Neubelt( dotNV, dotNL );
	return sheenColor * ( D * V );
}
#endif
float IBLSheenBRDF( const in vec3 normal, const in vec3 viewDir, const in float roughness ) {
	float dotNV = saturate( dot( normal, viewDir ) );
	float r2 = roughness * roughness;
	float rInv = 1.0 / ( roughness + 0.1 );
	float a = -1.9362 + 1.0678 * roughness + 0.4573 * r2 - 0.8469 * rInv;
	float b = -0.6014 + 0.5538 * roughness - 0.4670 * r2 - 0.1255 * rInv;
	float DG = exp( a * dotNV + b );
	return saturate( DG );
}
vec3 EnvironmentBRDF( const in vec3 normal, const in vec3 viewDir, const in vec3 specularColor, const in float specularF90, const in float roughness ) {
	float dotNV = saturate( dot( normal, viewDir ) );
	vec2 fab = texture2D( dfgLUT, vec2( roughness, dotNV ) ).rg;
	return specularColor * fab.x + specularF90 * fab.y;
}
#ifdef USE_IRIDESCENCE
void computeMultiscatteringIridescence( const in vec2 fab, const in vec3 specularColor, const in float specularF90, const in float iridescence, const in vec3 iridescenceF0, inout vec3 singleScatter, inout vec3 multiScatter ) {
#else
void computeMultiscattering( const in vec2 fab, const in vec3 specularColor, const in float specularF90, inout vec3 singleScatter, inout vec3 multiScatter ) {
#endif
	#ifdef USE_IRIDESCENCE
		vec3 Fr = mix( specularColor, iridescenceF0, iridescence );
	#else
		vec3 Fr = specularColor;
	#endif
	vec3 FssEss = Fr * fab.x + specularF90 * fab.y;
	float Ess = fab.x + fab.y;
	float Ems = 1.0 - Ess;
	vec3 Favg = Fr + ( 1.0 - Fr ) * 0.047619;	vec3 Fms = FssEss * Favg / ( 1.0 - Ems * Favg );
	singleScatter += FssEss;
	multiScatter += Fms * Ems;
}
#if NUM_RECT_AREA_LIGHTS > 0
	void RE_Direct_RectArea_Physical( const in RectAreaLight rectAreaLight, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in PhysicalMaterial material, inout ReflectedLight reflectedLight ) {
		vec3 normal = geometryNormal;
		vec3 viewDir = geometryViewDir;
		vec3 position = geometryPosition;
		vec3 lightPos = rectAreaLight.position;
		vec3 halfWidth = rectAreaLight.halfWidth;
		vec3 halfHeight = rectAreaLight.halfHeight;
		vec3 lightColor = rectAreaLight.color;
		float roughness = material.roughness;
		vec3 rectCoords[ 4 ];
		rectCoords[ 0 ] = lightPos + halfWidth - halfHeight;		rectCoords[ 1 ] = lightPos - halfWidth - halfHeight;
		rectCoords[ 2 ] = lightPos - halfWidth + halfHeight;
		rectCoords[ 3 ] = lightPos + halfWidth + halfHeight;
		vec2 uv = LTC_Uv( normal, viewDir, roughness );
		vec4 t1 = texture2D( ltc_1, uv );
		vec4 t2 = texture2D( ltc_2, uv );
		mat3 mInv = mat3(
			vec3( t1.x, 0, t1.y ),
			vec3(    0, 1,    0 ),
			vec3( t1.z, 0, t1.w )
		);
		vec3 fresnel = ( material.specularColorBlended * t2.x + ( material.specularF90 - material.specularColorBlended ) * t2.y );
		reflectedLight.directSpecular += lightColor * fresnel * LTC_Evaluate( normal, viewDir, position, mInv, rectCoords );
		reflectedLight.directDiffuse += lightColor * material.diffuseContribution * LTC_Evaluate( normal, viewDir, position, mat3( 1.0 ), rectCoords );
		#ifdef USE_CLEARCOAT
			vec3 Ncc = geometryClearcoatNormal;
			vec2 uvClearcoat = LTC_Uv( Ncc, viewDir, material.clearcoatRoughness );
			vec4 t1Clearcoat = texture2D( ltc_1, uvClearcoat );
			vec4 t2Clearcoat = texture2D( ltc_2, uvClearcoat );
			mat3 mInvClearcoat = mat3(
				vec3( t1Clearcoat.x, 0, t1Clearcoat.y ),
				vec3(             0, 1,             0 ),
				vec3( t1Clearcoat.z, 0, t1Clearcoat.w )
			);
			vec3 fresnelClearcoat = material.clearcoatF0 * t2Clearcoat.x + ( material.clearcoatF90 - material.clearcoatF0 ) * t2Clearcoat.y;
			clearcoatSpecularDirect += lightColor * fresnelClearcoat * LTC_Evaluate( Ncc, viewDir, position, mInvClearcoat, rectCoords );
		#endif
	}
#endif
void RE_Direct_Physical( const in IncidentLight directLight, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in PhysicalMaterial material, inout ReflectedLight reflectedLight ) {
	float dotNL = saturate( dot( geometryNormal, directLight.direction ) );
	vec3 irradiance = dotNL * directLight.color;
	#ifdef USE_CLEARCOAT
		float dotNLcc = saturate( dot( geometryClearcoatNormal, directLight.direction ) );
		vec3 ccIrradiance = dotNLcc * directLight.color;
		clearcoatSpecularDirect += ccIrradiance * BRDF_GGX_Clearcoat( directLight.direction, geometryViewDir, geometryClearcoatNormal, material );
	#endif
	#ifdef USE_SHEEN
 
 		sheenSpecularDirect += irradiance * BRDF_Sheen( directLight.direction, geometryViewDir, geometryNormal, material.sheenColor, material.sheenRoughness );
 
 		float sheenAlbedoV = IBLSheenBRDF( geometryNormal, geometryViewDir, material.sheenRoughness );
 		float sheenAlbedoL = IBLSheenBRDF( geometryNormal, directLight.direction, material.sheenRoughness );
 
 		float sheenEnergyComp = 1.0 - max3( material.sheenColor ) * max( sheenAlbedoV, sheenAlbedoL );
 
 		irradiance *= sheenEnergyComp;
 
 	#endif
	vec3 specularBRDF = BRDF_GGX( directLight.direction, geometryViewDir, geometryNormal, material );
	#ifdef USE_RETROREFLECTION
		vec3 retroViewDir = reflect( - geometryViewDir, geometryNormal );
		vec3 retroSpecularBRDF = BRDF_GGX( directLight.direction, retroViewDir, geometryNormal, material );
		specularBRDF = mix( specularBRDF, retroSpecularBRDF, saturate( material.retroreflectivity ) );
	#endif
	reflectedLight.directSpecular += irradiance * specularBRDF * material.multiScatteringCompensation;
	vec3 halfDir = normalize( directLight.direction + geometryViewDir );
	float dotVH = saturate( dot( geometryViewDir, halfDir ) );
	vec3 F = F_Schlick( material.specularColor, material.specularF90, dotVH );
	#ifdef USE_RETROREFLECTION
		vec3 retroHalfDir = normalize( directLight.direction + retroViewDir );
		float dotRetroVH = saturate( dot( retroViewDir, retroHalfDir ) );
		vec3 retroF = F_Schlick( material.specularColor, material.specularF90, dotRetroVH );
		F = mix( F, retroF, saturate( material.retroreflectivity ) );
	#endif
	#ifdef USE_DIFFUSE_ROUGHNESS
		vec3 diffuseBRDF = BRDF_EON( directLight.direction, geometryViewDir, geometryNormal, material.diffuseColor, material.diffuseRoughness ) * ( 1.0 - material.metalness );
	#else
		vec3 diffuseBRDF = BRDF_Lambert( material.diffuseContribution );
	#endif
	reflectedLight.directDiffuse += irradiance * diffuseBRDF * ( 1.0 - F );
}
void RE_IndirectDiffuse_Physical( const in vec3 irradiance, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in PhysicalMaterial material, inout ReflectedLight reflectedLight ) {
	vec3 singleScattering = vec3( 0.0 );
	vec3 multiScattering = vec3( 0.0 );
	#ifdef USE_IRIDESCENCE
		computeMultiscatteringIridescence( material.dfg, material.specularColor, material.specularF90, material.iridescence, material.iridescenceF0Dielectric, singleScattering, multiScattering );
	#else
		computeMultiscattering( material.dfg, material.specularColor, material.specularF90, singleScattering, multiScattering );
	#endif
	#ifdef USE_DIFFUSE_ROUGHNESS
		float dotNV = saturate( dot( geometryNormal, geometryViewDir ) );
		vec3 diffuseAlbedo = EON_DirectionalAlbedo( material.diffuseColor, material.diffuseRoughness, dotNV ) * ( 1.0 - material.metalness );
		vec3 diffuse = irradiance * RECIPROCAL_PI * diffuseAlbedo * ( 1.0 - singleScattering - multiScattering );
	#else
		vec3 diffuse = irradiance * BRDF_Lambert( material.diffuseContribution ) * ( 1.0 - singleScattering - multiScattering );
	#endif
	#ifdef USE_SHEEN
		float sheenAlbedo = IBLSheenBRDF( geometryNormal, geometryViewDir, material.sheenRoughness );
		sheenSpecularIndirect += irradiance * material.sheenColor * sheenAlbedo * RECIPROCAL_PI;
		float sheenEnergyComp = 1.0 - max3( material.sheenColor ) * sheenAlbedo;
		diffuse *= sheenEnergyComp;
	#endif
	reflectedLight.indirectDiffuse += diffuse;
}
void RE_IndirectSpecular_Physical( const in vec3 radiance, const in vec3 irradiance, const in vec3 clearcoatRadiance, const in vec3 geometryPosition, const in vec3 geometryNormal, const in vec3 geometryViewDir, const in vec3 geometryClearcoatNormal, const in PhysicalMaterial material, inout ReflectedLight reflectedLight) {
	#ifdef USE_CLEARCOAT
		clearcoatSpecularIndirect += clearcoatRadiance * EnvironmentBRDF( geometryClearcoatNormal, geometryViewDir, material.clearcoatF0, material.clearcoatF90, material.clearcoatRoughness );
	#endif
	#ifdef USE_SHEEN
		sheenSpecularIndirect += irradiance * material.sheenColor * IBLSheenBRDF( geometryNormal, geometryViewDir, material.sheenRoughness ) * RECIPROCAL_PI;
 	#endif
	vec3 singleScatteringDielectric = vec3( 0.0 );
	vec3 multiScatteringDielectric = vec3( 0.0 );
	vec3 singleScatteringMetallic = vec3( 0.0 );
	vec3 multiScatteringMetallic = vec3( 0.0 );
	#ifdef USE_IRIDESCENCE
		computeMultiscatteringIridescence( material.dfg, material.specularColor, material.specularF90, material.iridescence, material.iridescenceF0Dielectric, singleScatteringDielectric, multiScatteringDielectric );
		computeMultiscatteringIridescence( material.dfg, material.diffuseColor, material.specularF90, material.iridescence, material.iridescenceF0Metallic, singleScatteringMetallic, multiScatteringMetallic );
	#else
		computeMultiscattering( material.dfg, material.specularColor, material.specularF90, singleScatteringDielectric, multiScatteringDielectric );
		computeMultiscattering( material.dfg, material.diffuseColor, material.specularF90, singleScatteringMetallic, multiScatteringMetallic );
	#endif
	vec3 singleScattering = mix( singleScatteringDielectric, singleScatteringMetallic, material.metalness );
	vec3 multiScattering = mix( multiScatteringDielectric, multiScatteringMetallic, material.metalness );
	vec3 totalScatteringDielectric = singleScatteringDielectric + multiScatteringDielectric;
	#ifdef USE_DIFFUSE_ROUGHNESS
		float dotNV = saturate( dot( geometryNormal, geometryViewDir ) );
		vec3 diffuse = EON_DirectionalAlbedo( material.diffuseColor, material.diffuseRoughness, dotNV ) * ( 1.0 - material.metalness ) * ( 1.0 - totalScatteringDielectric );
	#else
		vec3 diffuse = material.diffuseContribution * ( 1.0 - totalScatteringDielectric );
	#endif
	vec3 cosineWeightedIrradiance = irradiance * RECIPROCAL_PI;
	vec3 indirectSpecular = radiance * singleScattering;
	indirectSpecular += multiScattering * cosineWeightedIrradiance;
	vec3 indirectDiffuse = diffuse * cosineWeightedIrradiance;
	#ifdef USE_SHEEN
		float sheenAlbedo = IBLSheenBRDF( geometryNormal, geometryViewDir, material.sheenRoughness );
		float sheenEnergyComp = 1.0 - max3( material.sheenColor ) * sheenAlbedo;
		indirectSpecular *= sheenEnergyComp;
		indirectDiffuse *= sheenEnergyComp;
	#endif
	reflectedLight.indirectSpecular += indirectSpecular;
	reflectedLight.indirectDiffuse += indirectDiffuse;
}
#define RE_Direct				RE_Direct_Physical
#define RE_Direct_RectArea		RE_Direct_RectArea_Physical
#define RE_IndirectDiffuse		RE_IndirectDiffuse_Physical
#define RE_IndirectSpecular		RE_IndirectSpecular_Physical
float computeSpecularOcclusion( const in float dotNV, const in float ambientOcclusion, const in float roughness ) {
	return saturate( pow( dotNV + ambientOcclusion, exp2( - 16.0 * roughness - 1.0 ) ) - 1.0 + ambientOcclusion );
}`,W_=`
vec3 geometryPosition = - vViewPosition;
vec3 geometryNormal = normal;
vec3 geometryViewDir = ( isOrthographic ) ? vec3( 0, 0, 1 ) : normalize( vViewPosition );
vec3 geometryClearcoatNormal = vec3( 0.0 );
#ifdef USE_CLEARCOAT
	geometryClearcoatNormal = clearcoatNormal;
#endif
#ifdef USE_IRIDESCENCE
	float dotNVi = saturate( dot( normal, geometryViewDir ) );
	if ( material.iridescenceThickness == 0.0 ) {
		material.iridescence = 0.0;
	} else {
		material.iridescence = saturate( material.iridescence );
	}
	if ( material.iridescence > 0.0 ) {
		vec3 iridescenceFresnelDielectric = evalIridescence( 1.0, material.iridescenceIOR, dotNVi, material.iridescenceThickness, material.specularColor );
		vec3 iridescenceFresnelMetallic = evalIridescence( 1.0, material.iridescenceIOR, dotNVi, material.iridescenceThickness, material.diffuseColor );
		material.iridescenceFresnel = mix( iridescenceFresnelDielectric, iridescenceFresnelMetallic, material.metalness );
		material.iridescenceF0Dielectric = Schlick_to_F0( iridescenceFresnelDielectric, 1.0, dotNVi );
		material.iridescenceF0Metallic = Schlick_to_F0( iridescenceFresnelMetallic, 1.0, dotNVi );
	}
#endif
#ifdef STANDARD
	float dotNVms = saturate( dot( geometryNormal, geometryViewDir ) );
	material.dfg = texture2D( dfgLUT, vec2( material.roughness, dotNVms ) ).rg;
	#if ( NUM_SUN_LIGHTS > 0 || NUM_DIR_LIGHTS > 0 || NUM_POINT_LIGHTS > 0 || NUM_SPOT_LIGHTS > 0 )
		float EssMs = material.dfg.x + material.dfg.y;
		material.multiScatteringCompensation = 1.0 + material.specularColorBlended * ( 1.0 / EssMs - 1.0 );
	#endif
#endif
IncidentLight directLight;
#if ( NUM_POINT_LIGHTS > 0 ) && defined( RE_Direct )
	PointLight pointLight;
	#if defined( USE_SHADOWMAP ) && NUM_POINT_LIGHT_SHADOWS > 0
	PointLightShadow pointLightShadow;
	#endif
	#pragma unroll_loop_start
	for ( int i = 0; i < NUM_POINT_LIGHTS; i ++ ) {
		pointLight = pointLights[ i ];
		getPointLightInfo( pointLight, geometryPosition, directLight );
		#if defined( USE_SHADOWMAP ) && ( UNROLLED_LOOP_INDEX < NUM_POINT_LIGHT_SHADOWS ) && ( defined( SHADOWMAP_TYPE_PCF ) || defined( SHADOWMAP_TYPE_BASIC ) )
		pointLightShadow = pointLightShadows[ i ];
		directLight.color *= ( directLight.visible && receiveShadow ) ? getPointShadow( pointShadowMap[ i ], pointLightShadow.shadowMapSize, pointLightShadow.shadowIntensity, pointLightShadow.shadowBias, pointLightShadow.shadowRadius, vPointShadowCoord[ i ], pointLightShadow.shadowCameraNear, pointLightShadow.shadowCameraFar ) : 1.0;
		#endif
		RE_Direct( directLight, geometryPosition, geometryNormal, geometryViewDir, geometryClearcoatNormal, material, reflectedLight );
	}
	#pragma unroll_loop_end
#endif
#if ( NUM_SPOT_LIGHTS > 0 ) && defined( RE_Direct )
	SpotLight spotLight;
	vec4 spotColor;
	vec3 spotLightCoord;
	bool inSpotLightMap;
	#if defined( USE_SHADOWMAP ) && NUM_SPOT_LIGHT_SHADOWS > 0
	SpotLightShadow spotLightShadow;
	#endif
	#pragma unroll_loop_start
	for ( int i = 0; i < NUM_SPOT_LIGHTS; i ++ ) {
		spotLight = spotLights[ i ];
		getSpotLightInfo( spotLight, geometryPosition, directLight );
		#if ( UNROLLED_LOOP_INDEX < NUM_SPOT_LIGHT_SHADOWS_WITH_MAPS )
		#define SPOT_LIGHT_MAP_INDEX UNROLLED_LOOP_INDEX
		#elif ( UNROLLED_LOOP_INDEX < NUM_SPOT_LIGHT_SHADOWS )
		#define SPOT_LIGHT_MAP_INDEX NUM_SPOT_LIGHT_MAPS
		#else
		#define SPOT_LIGHT_MAP_INDEX ( UNROLLED_LOOP_INDEX - NUM_SPOT_LIGHT_SHADOWS + NUM_SPOT_LIGHT_SHADOWS_WITH_MAPS )
		#endif
		#if ( SPOT_LIGHT_MAP_INDEX < NUM_SPOT_LIGHT_MAPS )
			spotLightCoord = vSpotLightCoord[ i ].xyz / vSpotLightCoord[ i ].w;
			inSpotLightMap = all( lessThan( abs( spotLightCoord * 2. - 1. ), vec3( 1.0 ) ) );
			spotColor = texture2D( spotLightMap[ SPOT_LIGHT_MAP_INDEX ], spotLightCoord.xy );
			directLight.color = inSpotLightMap ? directLight.color * spotColor.rgb : directLight.color;
		#endif
		#undef SPOT_LIGHT_MAP_INDEX
		#if defined( USE_SHADOWMAP ) && ( UNROLLED_LOOP_INDEX < NUM_SPOT_LIGHT_SHADOWS )
		spotLightShadow = spotLightShadows[ i ];
		directLight.color *= ( directLight.visible && receiveShadow ) ? getShadow( spotShadowMap[ i ], spotLightShadow.shadowMapSize, spotLightShadow.shadowIntensity, spotLightShadow.shadowBias, spotLightShadow.shadowRadius, vSpotLightCoord[ i ] ) : 1.0;
		#endif
		RE_Direct( directLight, geometryPosition, geometryNormal, geometryViewDir, geometryClearcoatNormal, material, reflectedLight );
	}
	#pragma unroll_loop_end
#endif
#if ( NUM_SUN_LIGHTS > 0 ) && defined( RE_Direct )
	SunLight sunLight;
	#if defined( USE_SHADOWMAP ) && NUM_SUN_LIGHT_SHADOWS > 0
	SunLightShadow sunLightShadow;
	#endif
	#pragma unroll_loop_start
	for ( int i = 0; i < NUM_SUN_LIGHTS; i ++ ) {
		sunLight = sunLights[ i ];
		getSunLightInfo( sunLight, directLight );
		#if defined( USE_SHADOWMAP ) && ( UNROLLED_LOOP_INDEX < NUM_SUN_LIGHT_SHADOWS )
		sunLightShadow = sunLightShadows[ i ];
		directLight.color *= ( directLight.visible && receiveShadow ) ? getSunShadow( sunShadowMap[ i ], sunLightShadow, UNROLLED_LOOP_INDEX ) : 1.0;
		#endif
		RE_Direct( directLight, geometryPosition, geometryNormal, geometryViewDir, geometryClearcoatNormal, material, reflectedLight );
	}
	#pragma unroll_loop_end
#endif
#if ( NUM_DIR_LIGHTS > 0 ) && defined( RE_Direct )
	DirectionalLight directionalLight;
	#if defined( USE_SHADOWMAP ) && NUM_DIR_LIGHT_SHADOWS > 0
	DirectionalLightShadow directionalLightShadow;
	#endif
	#pragma unroll_loop_start
	for ( int i = 0; i < NUM_DIR_LIGHTS; i ++ ) {
		directionalLight = directionalLights[ i ];
		getDirectionalLightInfo( directionalLight, directLight );
		#if defined( USE_SHADOWMAP ) && ( UNROLLED_LOOP_INDEX < NUM_DIR_LIGHT_SHADOWS )
		directionalLightShadow = directionalLightShadows[ i ];
		directLight.color *= ( directLight.visible && receiveShadow ) ? getShadow( directionalShadowMap[ i ], directionalLightShadow.shadowMapSize, directionalLightShadow.shadowIntensity, directionalLightShadow.shadowBias, directionalLightShadow.shadowRadius, vDirectionalShadowCoord[ i ] ) : 1.0;
		#endif
		RE_Direct( directLight, geometryPosition, geometryNormal, geometryViewDir, geometryClearcoatNormal, material, reflectedLight );
	}
	#pragma unroll_loop_end
#endif
#if ( NUM_RECT_AREA_LIGHTS > 0 ) && defined( RE_Direct_RectArea )
	RectAreaLight rectAreaLight;
	#pragma unroll_loop_start
	for ( int i = 0; i < NUM_RECT_AREA_LIGHTS; i ++ ) {
		rectAreaLight = rectAreaLights[ i ];
		RE_Direct_RectArea( rectAreaLight, geometryPosition, geometryNormal, geometryViewDir, geometryClearcoatNormal, material, reflectedLight );
	}
	#pragma unroll_loop_end
#endif
#if defined( RE_IndirectDiffuse )
	vec3 iblIrradiance = vec3( 0.0 );
	vec3 irradiance = getAmbientLightIrradiance( ambientLightColor );
	#if defined( USE_LIGHT_PROBES )
		irradiance += getLightProbeIrradiance( lightProbe, geometryNormal );
	#endif
	#if ( NUM_HEMI_LIGHTS > 0 )
		#pragma unroll_loop_start
		for ( int i = 0; i < NUM_HEMI_LIGHTS; i ++ ) {
			irradiance += getHemisphereLightIrradiance( hemisphereLights[ i ], geometryNormal );
		}
		#pragma unroll_loop_end
	#endif
	#if NUM_LIGHT_PROBE_GRIDS > 0
		vec3 probeWorldPos = ( ( vec4( geometryPosition, 1.0 ) - viewMatrix[ 3 ] ) * viewMatrix ).xyz;
		vec3 probeWorldNormal = transformNormalByInverseViewMatrix( geometryNormal, viewMatrix );
		int probeGrid = - 1;
		#pragma unroll_loop_start
		for ( int i = 0; i < NUM_LIGHT_PROBE_GRIDS; i ++ ) {
			if ( isInsideLightProbeGrid( probeWorldPos, probeWorldNormal, probesMin[ i ], probesMax[ i ], probesResolution[ i ] ) ) probeGrid = UNROLLED_LOOP_INDEX;
		}
		#pragma unroll_loop_end
		#pragma unroll_loop_start
		for ( int i = 0; i < NUM_LIGHT_PROBE_GRIDS; i ++ ) {
			if ( probeGrid == UNROLLED_LOOP_INDEX ) irradiance += getLightProbeGridIrradiance( probesSH[ i ], probesMin[ i ], probesMax[ i ], probesResolution[ i ], probeWorldPos, probeWorldNormal );
		}
		#pragma unroll_loop_end
	#endif
#endif
#if defined( RE_IndirectSpecular )
	vec3 radiance = vec3( 0.0 );
	vec3 clearcoatRadiance = vec3( 0.0 );
#endif`,q_=`#if defined( RE_IndirectDiffuse )
	#ifdef USE_LIGHTMAP
		vec4 lightMapTexel = texture2D( lightMap, vLightMapUv );
		vec3 lightMapIrradiance = lightMapTexel.rgb * lightMapIntensity;
		irradiance += lightMapIrradiance;
	#endif
	#if defined( USE_ENVMAP ) && defined( ENVMAP_TYPE_PMREM )
		#if defined( STANDARD ) || defined( LAMBERT ) || defined( PHONG )
			iblIrradiance += getIBLIrradiance( geometryNormal );
		#endif
	#endif
#endif
#if defined( USE_ENVMAP ) && defined( RE_IndirectSpecular )
	#ifdef USE_ANISOTROPY
		vec3 iblRadiance = getIBLAnisotropyRadiance( geometryViewDir, geometryNormal, material.roughness, material.anisotropyB, material.anisotropy );
	#else
		vec3 iblRadiance = getIBLRadiance( geometryViewDir, geometryNormal, material.roughness );
	#endif
	#ifdef USE_RETROREFLECTION
		#ifdef USE_ANISOTROPY
			vec3 retroIBLRadiance = getIBLAnisotropyRetroRadiance( geometryViewDir, geometryNormal, material.roughness, material.anisotropyB, material.anisotropy );
		#else
			vec3 retroIBLRadiance = getIBLRetroRadiance( geometryViewDir, geometryNormal, material.roughness );
		#endif
		iblRadiance = mix( iblRadiance, retroIBLRadiance, saturate( material.retroreflectivity ) );
	#endif
	radiance += iblRadiance;
	#ifdef USE_CLEARCOAT
		clearcoatRadiance += getIBLRadiance( geometryViewDir, geometryClearcoatNormal, material.clearcoatRoughness );
	#endif
#endif`,X_=`#if defined( RE_IndirectDiffuse )
	#if defined( LAMBERT ) || defined( PHONG )
		irradiance += iblIrradiance;
	#endif
	RE_IndirectDiffuse( irradiance, geometryPosition, geometryNormal, geometryViewDir, geometryClearcoatNormal, material, reflectedLight );
#endif
#if defined( RE_IndirectSpecular )
	RE_IndirectSpecular( radiance, iblIrradiance, clearcoatRadiance, geometryPosition, geometryNormal, geometryViewDir, geometryClearcoatNormal, material, reflectedLight );
#endif`,Y_=`#if NUM_LIGHT_PROBE_GRIDS > 0
uniform highp sampler3D probesSH[ NUM_LIGHT_PROBE_GRIDS ];
uniform vec3 probesMin[ NUM_LIGHT_PROBE_GRIDS ];
uniform vec3 probesMax[ NUM_LIGHT_PROBE_GRIDS ];
uniform vec3 probesResolution[ NUM_LIGHT_PROBE_GRIDS ];
bool isInsideLightProbeGrid( vec3 worldPos, vec3 worldNormal, vec3 probesMin, vec3 probesMax, vec3 probesResolution ) {
	vec3 spacing = ( probesMax - probesMin ) / probesResolution;
	vec3 samplePos = worldPos + worldNormal * spacing * 0.5;
	vec3 margin = spacing * 0.01;
	return all( greaterThanEqual( samplePos, probesMin - margin ) ) && all( lessThanEqual( samplePos, probesMax + margin ) );
}
vec3 getLightProbeGridIrradiance( highp sampler3D probesSH, vec3 probesMin, vec3 probesMax, vec3 probesResolution, vec3 worldPos, vec3 worldNormal ) {
	vec3 res = probesResolution;
	vec3 gridRange = probesMax - probesMin;
	vec3 probeSpacing = gridRange / res;
	vec3 samplePos = worldPos + worldNormal * probeSpacing * 0.5;
	vec3 uvw = clamp( ( samplePos - probesMin ) / gridRange, 0.5 / res, 1.0 - 0.5 / res );
	float nz          = res.z;
	float paddedSlices = nz + 2.0;
	float atlasDepth  = 7.0 * paddedSlices;
	float uvZBase     = uvw.z * nz + 1.0;
	vec4 s0 = texture( probesSH, vec3( uvw.xy, ( uvZBase                       ) / atlasDepth ) );
	vec4 s1 = texture( probesSH, vec3( uvw.xy, ( uvZBase +       paddedSlices   ) / atlasDepth ) );
	vec4 s2 = texture( probesSH, vec3( uvw.xy, ( uvZBase + 2.0 * paddedSlices   ) / atlasDepth ) );
	vec4 s3 = texture( probesSH, vec3( uvw.xy, ( uvZBase + 3.0 * paddedSlices   ) / atlasDepth ) );
	vec4 s4 = texture( probesSH, vec3( uvw.xy, ( uvZBase + 4.0 * paddedSlices   ) / atlasDepth ) );
	vec4 s5 = texture( probesSH, vec3( uvw.xy, ( uvZBase + 5.0 * paddedSlices   ) / atlasDepth ) );
	vec4 s6 = texture( probesSH, vec3( uvw.xy, ( uvZBase + 6.0 * paddedSlices   ) / atlasDepth ) );
	vec3 c0 = s0.xyz;
	vec3 c1 = vec3( s0.w, s1.xy );
	vec3 c2 = vec3( s1.zw, s2.x );
	vec3 c3 = s2.yzw;
	vec3 c4 = s3.xyz;
	vec3 c5 = vec3( s3.w, s4.xy );
	vec3 c6 = vec3( s4.zw, s5.x );
	vec3 c7 = s5.yzw;
	vec3 c8 = s6.xyz;
	float x = worldNormal.x, y = worldNormal.y, z = worldNormal.z;
	vec3 result = c0 * 0.886227;
	result += c1 * 2.0 * 0.511664 * y;
	result += c2 * 2.0 * 0.511664 * z;
	result += c3 * 2.0 * 0.511664 * x;
	result += c4 * 2.0 * 0.429043 * x * y;
	result += c5 * 2.0 * 0.429043 * y * z;
	result += c6 * ( 0.743125 * z * z - 0.247708 );
	result += c7 * 2.0 * 0.429043 * x * z;
	result += c8 * 0.429043 * ( x * x - y * y );
	return max( result, vec3( 0.0 ) );
}
#endif`,$_=`#if defined( USE_LOGARITHMIC_DEPTH_BUFFER )
	gl_FragDepth = vIsPerspective == 0.0 ? gl_FragCoord.z : log2( vFragDepth ) * logDepthBufFC * 0.5;
#endif`,Z_=`#if defined( USE_LOGARITHMIC_DEPTH_BUFFER )
	uniform float logDepthBufFC;
	varying float vFragDepth;
	varying float vIsPerspective;
#endif`,J_=`#ifdef USE_LOGARITHMIC_DEPTH_BUFFER
	varying float vFragDepth;
	varying float vIsPerspective;
#endif`,K_=`#ifdef USE_LOGARITHMIC_DEPTH_BUFFER
	vFragDepth = 1.0 + gl_Position.w;
	vIsPerspective = float( isPerspectiveMatrix( projectionMatrix ) );
#endif`,j_=`#ifdef USE_MAP
	vec4 sampledDiffuseColor = texture2D( map, vMapUv );
	#ifdef DECODE_VIDEO_TEXTURE
		sampledDiffuseColor = sRGBTransferEOTF( sampledDiffuseColor );
	#endif
	diffuseColor *= sampledDiffuseColor;
#endif`,Q_=`#ifdef USE_MAP
	uniform sampler2D map;
#endif`,t0=`#if defined( USE_MAP ) || defined( USE_ALPHAMAP )
	#if defined( USE_POINTS_UV )
		vec2 uv = vUv;
	#else
		vec2 uv = ( uvTransform * vec3( gl_PointCoord.x, 1.0 - gl_PointCoord.y, 1 ) ).xy;
	#endif
#endif
#ifdef USE_MAP
	diffuseColor *= texture2D( map, uv );
#endif
#ifdef USE_ALPHAMAP
	diffuseColor.a *= texture2D( alphaMap, uv ).g;
#endif`,e0=`#if defined( USE_POINTS_UV )
	varying vec2 vUv;
#else
	#if defined( USE_MAP ) || defined( USE_ALPHAMAP )
		uniform mat3 uvTransform;
	#endif
#endif
#ifdef USE_MAP
	uniform sampler2D map;
#endif
#ifdef USE_ALPHAMAP
	uniform sampler2D alphaMap;
#endif`,n0=`float metalnessFactor = metalness;
#ifdef USE_METALNESSMAP
	vec4 texelMetalness = texture2D( metalnessMap, vMetalnessMapUv );
	metalnessFactor *= texelMetalness.b;
#endif`,i0=`#ifdef USE_METALNESSMAP
	uniform sampler2D metalnessMap;
#endif`,s0=`#ifdef USE_INSTANCING_MORPH
	float morphTargetInfluences[ MORPHTARGETS_COUNT ];
	float morphTargetBaseInfluence = texelFetch( morphTexture, ivec2( 0, gl_InstanceID ), 0 ).r;
	for ( int i = 0; i < MORPHTARGETS_COUNT; i ++ ) {
		morphTargetInfluences[i] =  texelFetch( morphTexture, ivec2( i + 1, gl_InstanceID ), 0 ).r;
	}
#endif`,r0=`#if defined( USE_MORPHCOLORS )
	#if defined( USE_COLOR_ALPHA )
		vColor *= morphTargetBaseInfluence;
	#elif defined( USE_COLOR )
		vColor.rgb *= morphTargetBaseInfluence;
	#endif
	for ( int i = 0; i < MORPHTARGETS_COUNT; i ++ ) {
		#if defined( USE_COLOR_ALPHA )
			if ( morphTargetInfluences[ i ] != 0.0 ) vColor += getMorph( gl_VertexID, i, 2 ) * morphTargetInfluences[ i ];
		#elif defined( USE_COLOR )
			if ( morphTargetInfluences[ i ] != 0.0 ) vColor.rgb += getMorph( gl_VertexID, i, 2 ).rgb * morphTargetInfluences[ i ];
		#endif
	}
#endif`,o0=`#ifdef USE_MORPHNORMALS
	objectNormal *= morphTargetBaseInfluence;
	for ( int i = 0; i < MORPHTARGETS_COUNT; i ++ ) {
		if ( morphTargetInfluences[ i ] != 0.0 ) objectNormal += getMorph( gl_VertexID, i, 1 ).xyz * morphTargetInfluences[ i ];
	}
#endif`,a0=`#ifdef USE_MORPHTARGETS
	#ifndef USE_INSTANCING_MORPH
		uniform float morphTargetBaseInfluence;
		uniform float morphTargetInfluences[ MORPHTARGETS_COUNT ];
	#endif
	uniform sampler2DArray morphTargetsTexture;
	uniform ivec2 morphTargetsTextureSize;
	vec4 getMorph( const in int vertexIndex, const in int morphTargetIndex, const in int offset ) {
		int texelIndex = vertexIndex * MORPHTARGETS_TEXTURE_STRIDE + offset;
		int y = texelIndex / morphTargetsTextureSize.x;
		int x = texelIndex - y * morphTargetsTextureSize.x;
		ivec3 morphUV = ivec3( x, y, morphTargetIndex );
		return texelFetch( morphTargetsTexture, morphUV, 0 );
	}
#endif`,l0=`#ifdef USE_MORPHTARGETS
	transformed *= morphTargetBaseInfluence;
	for ( int i = 0; i < MORPHTARGETS_COUNT; i ++ ) {
		if ( morphTargetInfluences[ i ] != 0.0 ) transformed += getMorph( gl_VertexID, i, 0 ).xyz * morphTargetInfluences[ i ];
	}
#endif`,c0=`float faceDirection = gl_FrontFacing ? 1.0 : - 1.0;
#ifdef FLAT_SHADED
	vec3 fdx = dFdx( vViewPosition );
	vec3 fdy = dFdy( vViewPosition );
	vec3 normal = normalize( cross( fdx, fdy ) );
#else
	vec3 normal = normalize( vNormal );
	#ifdef DOUBLE_SIDED
		normal *= faceDirection;
	#endif
#endif
#if defined( USE_NORMALMAP_TANGENTSPACE ) || defined( USE_CLEARCOAT_NORMALMAP ) || defined( USE_ANISOTROPY )
	#ifdef USE_TANGENT
		mat3 tbn = mat3( normalize( vTangent ), normalize( vBitangent ), normal );
	#else
		mat3 tbn = getTangentFrame( - vViewPosition, normal,
		#if defined( USE_NORMALMAP )
			vNormalMapUv
		#elif defined( USE_CLEARCOAT_NORMALMAP )
			vClearcoatNormalMapUv
		#else
			vUv
		#endif
		);
	#endif
	#ifdef DOUBLE_SIDED
		tbn[0] *= faceDirection;
		tbn[1] *= faceDirection;
	#endif
#endif
#ifdef USE_CLEARCOAT_NORMALMAP
	#ifdef USE_TANGENT
		mat3 tbn2 = mat3( normalize( vTangent ), normalize( vBitangent ), normal );
	#else
		mat3 tbn2 = getTangentFrame( - vViewPosition, normal, vClearcoatNormalMapUv );
	#endif
	#ifdef DOUBLE_SIDED
		tbn2[0] *= faceDirection;
		tbn2[1] *= faceDirection;
	#endif
#endif
vec3 nonPerturbedNormal = normal;`,h0=`#ifdef USE_NORMALMAP_OBJECTSPACE
	normal = texture2D( normalMap, vNormalMapUv ).xyz * 2.0 - 1.0;
	#ifdef FLIP_SIDED
		normal = - normal;
	#endif
	#ifdef DOUBLE_SIDED
		normal = normal * faceDirection;
	#endif
	normal = normalize( normalMatrix * normal );
#elif defined( USE_NORMALMAP_TANGENTSPACE )
	vec3 mapN = texture2D( normalMap, vNormalMapUv ).xyz * 2.0 - 1.0;
	#if defined( USE_PACKED_NORMALMAP )
		mapN = vec3( mapN.xy, sqrt( saturate( 1.0 - dot( mapN.xy, mapN.xy ) ) ) );
	#endif
	mapN.xy *= normalScale;
	normal = normalize( tbn * mapN );
#elif defined( USE_BUMPMAP )
	normal = perturbNormalArb( - vViewPosition, normal, dHdxy_fwd(), faceDirection );
#endif`,u0=`#ifndef FLAT_SHADED
	varying vec3 vNormal;
	#ifdef USE_TANGENT
		varying vec3 vTangent;
		varying vec3 vBitangent;
	#endif
#endif`,d0=`#ifndef FLAT_SHADED
	varying vec3 vNormal;
	#ifdef USE_TANGENT
		varying vec3 vTangent;
		varying vec3 vBitangent;
	#endif
#endif`,f0=`#ifndef FLAT_SHADED
	vNormal = normalize( transformedNormal );
	#ifdef USE_TANGENT
		vTangent = normalize( transformedTangent );
		vBitangent = normalize( cross( vNormal, vTangent ) * tangent.w );
		#ifdef FLIP_SIDED
			vBitangent = - vBitangent;
		#endif
	#endif
#endif`,p0=`#ifdef USE_NORMALMAP
	uniform sampler2D normalMap;
	uniform vec2 normalScale;
#endif
#ifdef USE_NORMALMAP_OBJECTSPACE
	uniform mat3 normalMatrix;
#endif
#if ! defined ( USE_TANGENT ) && ( defined ( USE_NORMALMAP_TANGENTSPACE ) || defined ( USE_CLEARCOAT_NORMALMAP ) || defined( USE_ANISOTROPY ) )
	mat3 getTangentFrame( vec3 eye_pos, vec3 surf_norm, vec2 uv ) {
		vec3 q0 = dFdx( eye_pos.xyz );
		vec3 q1 = dFdy( eye_pos.xyz );
		vec2 st0 = dFdx( uv.st );
		vec2 st1 = dFdy( uv.st );
		vec3 N = surf_norm;
		vec3 q1perp = cross( q1, N );
		vec3 q0perp = cross( N, q0 );
		vec3 T = q1perp * st0.x + q0perp * st1.x;
		vec3 B = q1perp * st0.y + q0perp * st1.y;
		float det = max( dot( T, T ), dot( B, B ) );
		float scale = ( det == 0.0 ) ? 0.0 : inversesqrt( det );
		return mat3( T * scale, B * scale, N );
	}
#endif`,m0=`#ifdef USE_CLEARCOAT
	vec3 clearcoatNormal = nonPerturbedNormal;
#endif`,g0=`#ifdef USE_CLEARCOAT_NORMALMAP
	vec3 clearcoatMapN = texture2D( clearcoatNormalMap, vClearcoatNormalMapUv ).xyz * 2.0 - 1.0;
	clearcoatMapN.xy *= clearcoatNormalScale;
	clearcoatNormal = normalize( tbn2 * clearcoatMapN );
#endif`,_0=`#ifdef USE_CLEARCOATMAP
	uniform sampler2D clearcoatMap;
#endif
#ifdef USE_CLEARCOAT_NORMALMAP
	uniform sampler2D clearcoatNormalMap;
	uniform vec2 clearcoatNormalScale;
#endif
#ifdef USE_CLEARCOAT_ROUGHNESSMAP
	uniform sampler2D clearcoatRoughnessMap;
#endif`,x0=`#ifdef USE_IRIDESCENCEMAP
	uniform sampler2D iridescenceMap;
#endif
#ifdef USE_IRIDESCENCE_THICKNESSMAP
	uniform sampler2D iridescenceThicknessMap;
#endif`,y0=`#ifdef OPAQUE
diffuseColor.a = 1.0;
#endif
#ifdef USE_TRANSMISSION
diffuseColor.a *= material.transmissionAlpha;
#endif
gl_FragColor = vec4( outgoingLight, diffuseColor.a );`,v0=`vec3 packNormalToRGB( const in vec3 normal ) {
	return normalize( normal ) * 0.5 + 0.5;
}
vec3 unpackRGBToNormal( const in vec3 rgb ) {
	return 2.0 * rgb.xyz - 1.0;
}
const float PackUpscale = 256. / 255.;const float UnpackDownscale = 255. / 256.;const float ShiftRight8 = 1. / 256.;
const float Inv255 = 1. / 255.;
const vec4 PackFactors = vec4( 1.0, 256.0, 256.0 * 256.0, 256.0 * 256.0 * 256.0 );
const vec2 UnpackFactors2 = vec2( UnpackDownscale, 1.0 / PackFactors.g );
const vec3 UnpackFactors3 = vec3( UnpackDownscale / PackFactors.rg, 1.0 / PackFactors.b );
const vec4 UnpackFactors4 = vec4( UnpackDownscale / PackFactors.rgb, 1.0 / PackFactors.a );
vec4 packDepthToRGBA( const in float v ) {
	if( v <= 0.0 )
		return vec4( 0., 0., 0., 0. );
	if( v >= 1.0 )
		return vec4( 1., 1., 1., 1. );
	float vuf;
	float af = modf( v * PackFactors.a, vuf );
	float bf = modf( vuf * ShiftRight8, vuf );
	float gf = modf( vuf * ShiftRight8, vuf );
	return vec4( vuf * Inv255, gf * PackUpscale, bf * PackUpscale, af );
}
vec3 packDepthToRGB( const in float v ) {
	if( v <= 0.0 )
		return vec3( 0., 0., 0. );
	if( v >= 1.0 )
		return vec3( 1., 1., 1. );
	float vuf;
	float bf = modf( v * PackFactors.b, vuf );
	float gf = modf( vuf * ShiftRight8, vuf );
	return vec3( vuf * Inv255, gf * PackUpscale, bf );
}
vec2 packDepthToRG( const in float v ) {
	if( v <= 0.0 )
		return vec2( 0., 0. );
	if( v >= 1.0 )
		return vec2( 1., 1. );
	float vuf;
	float gf = modf( v * 256., vuf );
	return vec2( vuf * Inv255, gf );
}
float unpackRGBAToDepth( const in vec4 v ) {
	return dot( v, UnpackFactors4 );
}
float unpackRGBToDepth( const in vec3 v ) {
	return dot( v, UnpackFactors3 );
}
float unpackRGToDepth( const in vec2 v ) {
	return v.r * UnpackFactors2.r + v.g * UnpackFactors2.g;
}
vec4 pack2HalfToRGBA( const in vec2 v ) {
	vec4 r = vec4( v.x, fract( v.x * 255.0 ), v.y, fract( v.y * 255.0 ) );
	return vec4( r.x - r.y / 255.0, r.y, r.z - r.w / 255.0, r.w );
}
vec2 unpackRGBATo2Half( const in vec4 v ) {
	return vec2( v.x + ( v.y / 255.0 ), v.z + ( v.w / 255.0 ) );
}
float viewZToOrthographicDepth( const in float viewZ, const in float near, const in float far ) {
	return ( viewZ + near ) / ( near - far );
}
float orthographicDepthToViewZ( const in float depth, const in float near, const in float far ) {
	#ifdef USE_REVERSED_DEPTH_BUFFER
	
		return depth * ( far - near ) - far;
	#else
		return depth * ( near - far ) - near;
	#endif
}
float viewZToPerspectiveDepth( const in float viewZ, const in float near, const in float far ) {
	return ( ( near + viewZ ) * far ) / ( ( far - near ) * viewZ );
}
float perspectiveDepthToViewZ( const in float depth, const in float near, const in float far ) {
	
	#ifdef USE_REVERSED_DEPTH_BUFFER
		return ( near * far ) / ( ( near - far ) * depth - near );
	#else
		return ( near * far ) / ( ( far - near ) * depth - far );
	#endif
}`,S0=`#ifdef PREMULTIPLIED_ALPHA
	gl_FragColor.rgb *= gl_FragColor.a;
#endif`,b0=`vec4 mvPosition = vec4( transformed, 1.0 );
#ifdef USE_BATCHING
	mvPosition = batchingMatrix * mvPosition;
#endif
#ifdef USE_INSTANCING
	mvPosition = instanceMatrix * mvPosition;
#endif
mvPosition = modelViewMatrix * mvPosition;
gl_Position = projectionMatrix * mvPosition;`,M0=`#ifdef DITHERING
	gl_FragColor.rgb = dithering( gl_FragColor.rgb );
#endif`,w0=`#ifdef DITHERING
	vec3 dithering( vec3 color ) {
		float grid_position = rand( gl_FragCoord.xy );
		vec3 dither_shift_RGB = vec3( 0.25 / 255.0, -0.25 / 255.0, 0.25 / 255.0 );
		dither_shift_RGB = mix( 2.0 * dither_shift_RGB, -2.0 * dither_shift_RGB, grid_position );
		return color + dither_shift_RGB;
	}
#endif`,T0=`float roughnessFactor = roughness;
#ifdef USE_ROUGHNESSMAP
	vec4 texelRoughness = texture2D( roughnessMap, vRoughnessMapUv );
	roughnessFactor *= texelRoughness.g;
#endif`,E0=`#ifdef USE_ROUGHNESSMAP
	uniform sampler2D roughnessMap;
#endif`,A0=`#if NUM_SPOT_LIGHT_COORDS > 0
	varying vec4 vSpotLightCoord[ NUM_SPOT_LIGHT_COORDS ];
#endif
#if NUM_SPOT_LIGHT_MAPS > 0
	uniform sampler2D spotLightMap[ NUM_SPOT_LIGHT_MAPS ];
#endif
#ifdef USE_SHADOWMAP
	#if NUM_SUN_LIGHT_SHADOWS > 0
		#define SUN_LIGHT_CASCADES 2
		#if defined( SHADOWMAP_TYPE_PCF )
			uniform sampler2DShadow sunShadowMap[ NUM_SUN_LIGHT_SHADOWS ];
		#else
			uniform sampler2D sunShadowMap[ NUM_SUN_LIGHT_SHADOWS ];
		#endif
		uniform mat4 sunShadowMatrix[ NUM_SUN_LIGHT_SHADOWS * SUN_LIGHT_CASCADES ];
		uniform vec4 sunShadowCascade[ NUM_SUN_LIGHT_SHADOWS * SUN_LIGHT_CASCADES ];
		varying vec4 vSunShadowWorldPosition;
		varying vec3 vSunShadowWorldNormal;
		struct SunLightShadow {
			float shadowIntensity;
			float shadowBias;
			float shadowNormalBias;
			float shadowRadius;
			vec2 shadowMapSize;
		};
		uniform SunLightShadow sunLightShadows[ NUM_SUN_LIGHT_SHADOWS ];
	#endif
	#if NUM_DIR_LIGHT_SHADOWS > 0
		#if defined( SHADOWMAP_TYPE_PCF )
			uniform sampler2DShadow directionalShadowMap[ NUM_DIR_LIGHT_SHADOWS ];
		#else
			uniform sampler2D directionalShadowMap[ NUM_DIR_LIGHT_SHADOWS ];
		#endif
		varying vec4 vDirectionalShadowCoord[ NUM_DIR_LIGHT_SHADOWS ];
		struct DirectionalLightShadow {
			float shadowIntensity;
			float shadowBias;
			float shadowNormalBias;
			float shadowRadius;
			vec2 shadowMapSize;
		};
		uniform DirectionalLightShadow directionalLightShadows[ NUM_DIR_LIGHT_SHADOWS ];
	#endif
	#if NUM_SPOT_LIGHT_SHADOWS > 0
		#if defined( SHADOWMAP_TYPE_PCF )
			uniform sampler2DShadow spotShadowMap[ NUM_SPOT_LIGHT_SHADOWS ];
		#else
			uniform sampler2D spotShadowMap[ NUM_SPOT_LIGHT_SHADOWS ];
		#endif
		struct SpotLightShadow {
			float shadowIntensity;
			float shadowBias;
			float shadowNormalBias;
			float shadowRadius;
			vec2 shadowMapSize;
		};
		uniform SpotLightShadow spotLightShadows[ NUM_SPOT_LIGHT_SHADOWS ];
	#endif
	#if NUM_POINT_LIGHT_SHADOWS > 0
		#if defined( SHADOWMAP_TYPE_PCF )
			uniform samplerCubeShadow pointShadowMap[ NUM_POINT_LIGHT_SHADOWS ];
		#elif defined( SHADOWMAP_TYPE_BASIC )
			uniform samplerCube pointShadowMap[ NUM_POINT_LIGHT_SHADOWS ];
		#endif
		varying vec4 vPointShadowCoord[ NUM_POINT_LIGHT_SHADOWS ];
		struct PointLightShadow {
			float shadowIntensity;
			float shadowBias;
			float shadowNormalBias;
			float shadowRadius;
			vec2 shadowMapSize;
			float shadowCameraNear;
			float shadowCameraFar;
		};
		uniform PointLightShadow pointLightShadows[ NUM_POINT_LIGHT_SHADOWS ];
	#endif
	#if defined( SHADOWMAP_TYPE_PCF )
		float interleavedGradientNoise( vec2 position ) {
			return fract( 52.9829189 * fract( dot( position, vec2( 0.06711056, 0.00583715 ) ) ) );
		}
		vec2 vogelDiskSample( int sampleIndex, int samplesCount, float phi ) {
			const float goldenAngle = 2.399963229728653;
			float r = sqrt( ( float( sampleIndex ) + 0.5 ) / float( samplesCount ) );
			float theta = float( sampleIndex ) * goldenAngle + phi;
			return vec2( cos( theta ), sin( theta ) ) * r;
		}
	#endif
	#if defined( SHADOWMAP_TYPE_PCF )
		float getShadow( sampler2DShadow shadowMap, vec2 shadowMapSize, float shadowIntensity, float shadowBias, float shadowRadius, vec4 shadowCoord ) {
			float shadow = 1.0;
			shadowCoord.xyz /= shadowCoord.w;
			#ifdef USE_REVERSED_DEPTH_BUFFER
				shadowCoord.z -= shadowBias;
			#else
				shadowCoord.z += shadowBias;
			#endif
			bool inFrustum = shadowCoord.x >= 0.0 && shadowCoord.x <= 1.0 && shadowCoord.y >= 0.0 && shadowCoord.y <= 1.0;
			bool frustumTest = inFrustum && shadowCoord.z <= 1.0;
			if ( frustumTest ) {
				vec2 texelSize = vec2( 1.0 ) / shadowMapSize;
				vec2 radius = shadowRadius * texelSize;
				float phi = interleavedGradientNoise( gl_FragCoord.xy ) * PI2;
				shadow = (
					texture( shadowMap, vec3( shadowCoord.xy + vogelDiskSample( 0, 5, phi ) * radius, shadowCoord.z ) ) +
					texture( shadowMap, vec3( shadowCoord.xy + vogelDiskSample( 1, 5, phi ) * radius, shadowCoord.z ) ) +
					texture( shadowMap, vec3( shadowCoord.xy + vogelDiskSample( 2, 5, phi ) * radius, shadowCoord.z ) ) +
					texture( shadowMap, vec3( shadowCoord.xy + vogelDiskSample( 3, 5, phi ) * radius, shadowCoord.z ) ) +
					texture( shadowMap, vec3( shadowCoord.xy + vogelDiskSample( 4, 5, phi ) * radius, shadowCoord.z ) )
				) * 0.2;
			}
			return mix( 1.0, shadow, shadowIntensity );
		}
	#elif defined( SHADOWMAP_TYPE_VSM )
		float getShadow( sampler2D shadowMap, vec2 shadowMapSize, float shadowIntensity, float shadowBias, float shadowRadius, vec4 shadowCoord ) {
			float shadow = 1.0;
			shadowCoord.xyz /= shadowCoord.w;
			#ifdef USE_REVERSED_DEPTH_BUFFER
				shadowCoord.z -= shadowBias;
			#else
				shadowCoord.z += shadowBias;
			#endif
			bool inFrustum = shadowCoord.x >= 0.0 && shadowCoord.x <= 1.0 && shadowCoord.y >= 0.0 && shadowCoord.y <= 1.0;
			bool frustumTest = inFrustum && shadowCoord.z <= 1.0;
			if ( frustumTest ) {
				vec2 distribution = texture2D( shadowMap, shadowCoord.xy ).rg;
				float mean = distribution.x;
				float variance = distribution.y * distribution.y;
				#ifdef USE_REVERSED_DEPTH_BUFFER
					float hard_shadow = step( mean, shadowCoord.z );
				#else
					float hard_shadow = step( shadowCoord.z, mean );
				#endif
				
				if ( hard_shadow == 1.0 ) {
					shadow = 1.0;
				} else {
					variance = max( variance, 0.0000001 );
					float d = shadowCoord.z - mean;
					float p_max = variance / ( variance + d * d );
					p_max = clamp( ( p_max - 0.3 ) / 0.65, 0.0, 1.0 );
					shadow = max( hard_shadow, p_max );
				}
			}
			return mix( 1.0, shadow, shadowIntensity );
		}
	#else
		float getShadow( sampler2D shadowMap, vec2 shadowMapSize, float shadowIntensity, float shadowBias, float shadowRadius, vec4 shadowCoord ) {
			float shadow = 1.0;
			shadowCoord.xyz /= shadowCoord.w;
			#ifdef USE_REVERSED_DEPTH_BUFFER
				shadowCoord.z -= shadowBias;
			#else
				shadowCoord.z += shadowBias;
			#endif
			bool inFrustum = shadowCoord.x >= 0.0 && shadowCoord.x <= 1.0 && shadowCoord.y >= 0.0 && shadowCoord.y <= 1.0;
			bool frustumTest = inFrustum && shadowCoord.z <= 1.0;
			if ( frustumTest ) {
				float depth = texture2D( shadowMap, shadowCoord.xy ).r;
				#ifdef USE_REVERSED_DEPTH_BUFFER
					shadow = step( depth, shadowCoord.z );
				#else
					shadow = step( shadowCoord.z, depth );
				#endif
			}
			return mix( 1.0, shadow, shadowIntensity );
		}
	#endif
	#if NUM_SUN_LIGHT_SHADOWS > 0
		float getSunShadow(
			#if defined( SHADOWMAP_TYPE_PCF )
				sampler2DShadow shadowMap,
			#else
				sampler2D shadowMap,
			#endif
			SunLightShadow sunLightShadow,
			int shadowIndex
		) {
			vec4 shadowWorldPosition = vec4( vSunShadowWorldPosition.xyz + vSunShadowWorldNormal * sunLightShadow.shadowNormalBias, 1.0 );
			float viewDepth = vSunShadowWorldPosition.w;
			int cascadeOffset = shadowIndex * SUN_LIGHT_CASCADES;
			float shadow = 1.0;
			for ( int i = SUN_LIGHT_CASCADES - 1; i >= 0; i -- ) {
				vec4 cascade = sunShadowCascade[ cascadeOffset + i ];
				if ( viewDepth >= cascade.x && viewDepth < cascade.y ) {
					float cascadeShadow = getShadow(
						shadowMap,
						sunLightShadow.shadowMapSize,
						sunLightShadow.shadowIntensity,
						sunLightShadow.shadowBias,
						sunLightShadow.shadowRadius,
						sunShadowMatrix[ cascadeOffset + i ] * shadowWorldPosition
					);
					shadow = mix( cascadeShadow, shadow, smoothstep( cascade.z, cascade.y, viewDepth ) );
				}
			}
			return shadow;
		}
	#endif
	#if NUM_POINT_LIGHT_SHADOWS > 0
	#if defined( SHADOWMAP_TYPE_PCF )
	float getPointShadow( samplerCubeShadow shadowMap, vec2 shadowMapSize, float shadowIntensity, float shadowBias, float shadowRadius, vec4 shadowCoord, float shadowCameraNear, float shadowCameraFar ) {
		float shadow = 1.0;
		vec3 lightToPosition = shadowCoord.xyz;
		vec3 bd3D = normalize( lightToPosition );
		vec3 absVec = abs( lightToPosition );
		float viewSpaceZ = max( max( absVec.x, absVec.y ), absVec.z );
		if ( viewSpaceZ - shadowCameraFar <= 0.0 && viewSpaceZ - shadowCameraNear >= 0.0 ) {
			float lightDistance = length( lightToPosition );
			float depthRange = shadowCameraFar - shadowCameraNear;
			#ifdef USE_REVERSED_DEPTH_BUFFER
				float depthA = - shadowCameraNear / depthRange - shadowBias;
				float depthB = shadowCameraNear * shadowCameraFar / ( depthRange * lightDistance );
			#else
				float depthA = shadowCameraFar / depthRange + shadowBias;
				float depthB = - shadowCameraNear * shadowCameraFar / ( depthRange * lightDistance );
			#endif
			float texelSize = shadowRadius / shadowMapSize.x;
			vec3 absDir = abs( bd3D );
			vec3 tangent = absDir.x > absDir.z ? vec3( 0.0, 1.0, 0.0 ) : vec3( 1.0, 0.0, 0.0 );
			tangent = normalize( cross( bd3D, tangent ) );
			vec3 bitangent = cross( bd3D, tangent );
			float phi = interleavedGradientNoise( gl_FragCoord.xy ) * PI2;
			shadow = 0.0;
			for ( int i = 0; i < 5; i ++ ) {
				vec2 offset = vogelDiskSample( i, 5, phi );
				vec3 direction = bd3D + ( tangent * offset.x + bitangent * offset.y ) * texelSize;
				vec3 absDirection = abs( direction );
				float dp = depthA + depthB / max( max( absDirection.x, absDirection.y ), absDirection.z );
				shadow += texture( shadowMap, vec4( direction, dp ) );
			}
			shadow *= 0.2;
		}
		return mix( 1.0, shadow, shadowIntensity );
	}
	#elif defined( SHADOWMAP_TYPE_BASIC )
	float getPointShadow( samplerCube shadowMap, vec2 shadowMapSize, float shadowIntensity, float shadowBias, float shadowRadius, vec4 shadowCoord, float shadowCameraNear, float shadowCameraFar ) {
		float shadow = 1.0;
		vec3 lightToPosition = shadowCoord.xyz;
		vec3 absVec = abs( lightToPosition );
		float viewSpaceZ = max( max( absVec.x, absVec.y ), absVec.z );
		if ( viewSpaceZ - shadowCameraFar <= 0.0 && viewSpaceZ - shadowCameraNear >= 0.0 ) {
			float dp = ( shadowCameraFar * ( viewSpaceZ - shadowCameraNear ) ) / ( viewSpaceZ * ( shadowCameraFar - shadowCameraNear ) );
			dp += shadowBias;
			vec3 bd3D = normalize( lightToPosition );
			float depth = textureCube( shadowMap, bd3D ).r;
			#ifdef USE_REVERSED_DEPTH_BUFFER
				depth = 1.0 - depth;
			#endif
			shadow = step( dp, depth );
		}
		return mix( 1.0, shadow, shadowIntensity );
	}
	#endif
	#endif
#endif`,C0=`#if NUM_SPOT_LIGHT_COORDS > 0
	uniform mat4 spotLightMatrix[ NUM_SPOT_LIGHT_COORDS ];
	varying vec4 vSpotLightCoord[ NUM_SPOT_LIGHT_COORDS ];
#endif
#ifdef USE_SHADOWMAP
	#if NUM_SUN_LIGHT_SHADOWS > 0
		varying vec4 vSunShadowWorldPosition;
		varying vec3 vSunShadowWorldNormal;
	#endif
	#if NUM_DIR_LIGHT_SHADOWS > 0
		uniform mat4 directionalShadowMatrix[ NUM_DIR_LIGHT_SHADOWS ];
		varying vec4 vDirectionalShadowCoord[ NUM_DIR_LIGHT_SHADOWS ];
		struct DirectionalLightShadow {
			float shadowIntensity;
			float shadowBias;
			float shadowNormalBias;
			float shadowRadius;
			vec2 shadowMapSize;
		};
		uniform DirectionalLightShadow directionalLightShadows[ NUM_DIR_LIGHT_SHADOWS ];
	#endif
	#if NUM_SPOT_LIGHT_SHADOWS > 0
		struct SpotLightShadow {
			float shadowIntensity;
			float shadowBias;
			float shadowNormalBias;
			float shadowRadius;
			vec2 shadowMapSize;
		};
		uniform SpotLightShadow spotLightShadows[ NUM_SPOT_LIGHT_SHADOWS ];
	#endif
	#if NUM_POINT_LIGHT_SHADOWS > 0
		uniform mat4 pointShadowMatrix[ NUM_POINT_LIGHT_SHADOWS ];
		varying vec4 vPointShadowCoord[ NUM_POINT_LIGHT_SHADOWS ];
		struct PointLightShadow {
			float shadowIntensity;
			float shadowBias;
			float shadowNormalBias;
			float shadowRadius;
			vec2 shadowMapSize;
			float shadowCameraNear;
			float shadowCameraFar;
		};
		uniform PointLightShadow pointLightShadows[ NUM_POINT_LIGHT_SHADOWS ];
	#endif
#endif`,R0=`#if ( defined( USE_SHADOWMAP ) && ( NUM_DIR_LIGHT_SHADOWS > 0 || NUM_SUN_LIGHT_SHADOWS > 0 || NUM_POINT_LIGHT_SHADOWS > 0 ) ) || ( NUM_SPOT_LIGHT_COORDS > 0 )
	#ifdef HAS_NORMAL
		vec3 shadowWorldNormal = transformNormalByInverseViewMatrix( transformedNormal, viewMatrix );
	#else
		vec3 shadowWorldNormal = vec3( 0.0 );
	#endif
	vec4 shadowWorldPosition;
#endif
#if defined( USE_SHADOWMAP )
	#if NUM_SUN_LIGHT_SHADOWS > 0
		vSunShadowWorldPosition = vec4( worldPosition.xyz, - mvPosition.z );
		vSunShadowWorldNormal = shadowWorldNormal;
	#endif
	#if NUM_DIR_LIGHT_SHADOWS > 0
		#pragma unroll_loop_start
		for ( int i = 0; i < NUM_DIR_LIGHT_SHADOWS; i ++ ) {
			shadowWorldPosition = worldPosition + vec4( shadowWorldNormal * directionalLightShadows[ i ].shadowNormalBias, 0 );
			vDirectionalShadowCoord[ i ] = directionalShadowMatrix[ i ] * shadowWorldPosition;
		}
		#pragma unroll_loop_end
	#endif
	#if NUM_POINT_LIGHT_SHADOWS > 0
		#pragma unroll_loop_start
		for ( int i = 0; i < NUM_POINT_LIGHT_SHADOWS; i ++ ) {
			shadowWorldPosition = worldPosition + vec4( shadowWorldNormal * pointLightShadows[ i ].shadowNormalBias, 0 );
			vPointShadowCoord[ i ] = pointShadowMatrix[ i ] * shadowWorldPosition;
		}
		#pragma unroll_loop_end
	#endif
#endif
#if NUM_SPOT_LIGHT_COORDS > 0
	#pragma unroll_loop_start
	for ( int i = 0; i < NUM_SPOT_LIGHT_COORDS; i ++ ) {
		shadowWorldPosition = worldPosition;
		#if ( defined( USE_SHADOWMAP ) && UNROLLED_LOOP_INDEX < NUM_SPOT_LIGHT_SHADOWS )
			shadowWorldPosition.xyz += shadowWorldNormal * spotLightShadows[ i ].shadowNormalBias;
		#endif
		vSpotLightCoord[ i ] = spotLightMatrix[ i ] * shadowWorldPosition;
	}
	#pragma unroll_loop_end
#endif`,P0=`float getShadowMask() {
	float shadow = 1.0;
	#ifdef USE_SHADOWMAP
	#if NUM_SUN_LIGHT_SHADOWS > 0
	SunLightShadow sunLight;
	#pragma unroll_loop_start
	for ( int i = 0; i < NUM_SUN_LIGHT_SHADOWS; i ++ ) {
		sunLight = sunLightShadows[ i ];
		shadow *= receiveShadow ? getSunShadow( sunShadowMap[ i ], sunLight, UNROLLED_LOOP_INDEX ) : 1.0;
	}
	#pragma unroll_loop_end
	#endif
	#if NUM_DIR_LIGHT_SHADOWS > 0
	DirectionalLightShadow directionalLight;
	#pragma unroll_loop_start
	for ( int i = 0; i < NUM_DIR_LIGHT_SHADOWS; i ++ ) {
		directionalLight = directionalLightShadows[ i ];
		shadow *= receiveShadow ? getShadow( directionalShadowMap[ i ], directionalLight.shadowMapSize, directionalLight.shadowIntensity, directionalLight.shadowBias, directionalLight.shadowRadius, vDirectionalShadowCoord[ i ] ) : 1.0;
	}
	#pragma unroll_loop_end
	#endif
	#if NUM_SPOT_LIGHT_SHADOWS > 0
	SpotLightShadow spotLight;
	#pragma unroll_loop_start
	for ( int i = 0; i < NUM_SPOT_LIGHT_SHADOWS; i ++ ) {
		spotLight = spotLightShadows[ i ];
		shadow *= receiveShadow ? getShadow( spotShadowMap[ i ], spotLight.shadowMapSize, spotLight.shadowIntensity, spotLight.shadowBias, spotLight.shadowRadius, vSpotLightCoord[ i ] ) : 1.0;
	}
	#pragma unroll_loop_end
	#endif
	#if NUM_POINT_LIGHT_SHADOWS > 0 && ( defined( SHADOWMAP_TYPE_PCF ) || defined( SHADOWMAP_TYPE_BASIC ) )
	PointLightShadow pointLight;
	#pragma unroll_loop_start
	for ( int i = 0; i < NUM_POINT_LIGHT_SHADOWS; i ++ ) {
		pointLight = pointLightShadows[ i ];
		shadow *= receiveShadow ? getPointShadow( pointShadowMap[ i ], pointLight.shadowMapSize, pointLight.shadowIntensity, pointLight.shadowBias, pointLight.shadowRadius, vPointShadowCoord[ i ], pointLight.shadowCameraNear, pointLight.shadowCameraFar ) : 1.0;
	}
	#pragma unroll_loop_end
	#endif
	#endif
	return shadow;
}`,I0=`#ifdef USE_SKINNING
	mat4 boneMatX = getBoneMatrix( skinIndex.x );
	mat4 boneMatY = getBoneMatrix( skinIndex.y );
	mat4 boneMatZ = getBoneMatrix( skinIndex.z );
	mat4 boneMatW = getBoneMatrix( skinIndex.w );
#endif`,L0=`#ifdef USE_SKINNING
	uniform mat4 bindMatrix;
	uniform mat4 bindMatrixInverse;
	uniform highp sampler2D boneTexture;
	mat4 getBoneMatrix( const in float i ) {
		int size = textureSize( boneTexture, 0 ).x;
		int j = int( i ) * 4;
		int x = j % size;
		int y = j / size;
		vec4 v1 = texelFetch( boneTexture, ivec2( x, y ), 0 );
		vec4 v2 = texelFetch( boneTexture, ivec2( x + 1, y ), 0 );
		vec4 v3 = texelFetch( boneTexture, ivec2( x + 2, y ), 0 );
		vec4 v4 = texelFetch( boneTexture, ivec2( x + 3, y ), 0 );
		return mat4( v1, v2, v3, v4 );
	}
#endif`,D0=`#ifdef USE_SKINNING
	vec4 skinVertex = bindMatrix * vec4( transformed, 1.0 );
	vec4 skinned = vec4( 0.0 );
	skinned += boneMatX * skinVertex * skinWeight.x;
	skinned += boneMatY * skinVertex * skinWeight.y;
	skinned += boneMatZ * skinVertex * skinWeight.z;
	skinned += boneMatW * skinVertex * skinWeight.w;
	transformed = ( bindMatrixInverse * skinned ).xyz;
#endif`,N0=`#ifdef USE_SKINNING
	mat4 skinMatrix = mat4( 0.0 );
	skinMatrix += skinWeight.x * boneMatX;
	skinMatrix += skinWeight.y * boneMatY;
	skinMatrix += skinWeight.z * boneMatZ;
	skinMatrix += skinWeight.w * boneMatW;
	skinMatrix = bindMatrixInverse * skinMatrix * bindMatrix;
	objectNormal = vec4( skinMatrix * vec4( objectNormal, 0.0 ) ).xyz;
	#ifdef USE_TANGENT
		objectTangent = vec4( skinMatrix * vec4( objectTangent, 0.0 ) ).xyz;
	#endif
#endif`,U0=`float specularStrength;
#ifdef USE_SPECULARMAP
	vec4 texelSpecular = texture2D( specularMap, vSpecularMapUv );
	specularStrength = texelSpecular.r;
#else
	specularStrength = 1.0;
#endif`,F0=`#ifdef USE_SPECULARMAP
	uniform sampler2D specularMap;
#endif`,O0=`#if defined( TONE_MAPPING )
	gl_FragColor.rgb = toneMapping( gl_FragColor.rgb );
#endif`,B0=`#ifndef saturate
#define saturate( a ) clamp( a, 0.0, 1.0 )
#endif
uniform float toneMappingExposure;
vec3 LinearToneMapping( vec3 color ) {
	return saturate( toneMappingExposure * color );
}
vec3 ReinhardToneMapping( vec3 color ) {
	color *= toneMappingExposure;
	return saturate( color / ( vec3( 1.0 ) + color ) );
}
vec3 CineonToneMapping( vec3 color ) {
	color *= toneMappingExposure;
	color = max( vec3( 0.0 ), color - 0.004 );
	return pow( ( color * ( 6.2 * color + 0.5 ) ) / ( color * ( 6.2 * color + 1.7 ) + 0.06 ), vec3( 2.2 ) );
}
vec3 RRTAndODTFit( vec3 v ) {
	vec3 a = v * ( v + 0.0245786 ) - 0.000090537;
	vec3 b = v * ( 0.983729 * v + 0.4329510 ) + 0.238081;
	return a / b;
}
vec3 ACESFilmicToneMapping( vec3 color ) {
	const mat3 ACESInputMat = mat3(
		vec3( 0.59719, 0.07600, 0.02840 ),		vec3( 0.35458, 0.90834, 0.13383 ),
		vec3( 0.04823, 0.01566, 0.83777 )
	);
	const mat3 ACESOutputMat = mat3(
		vec3(  1.60475, -0.10208, -0.00327 ),		vec3( -0.53108,  1.10813, -0.07276 ),
		vec3( -0.07367, -0.00605,  1.07602 )
	);
	color *= toneMappingExposure / 0.6;
	color = ACESInputMat * color;
	color = RRTAndODTFit( color );
	color = ACESOutputMat * color;
	return saturate( color );
}
const mat3 LINEAR_REC2020_TO_LINEAR_SRGB = mat3(
	vec3( 1.6605, - 0.1246, - 0.0182 ),
	vec3( - 0.5876, 1.1329, - 0.1006 ),
	vec3( - 0.0728, - 0.0083, 1.1187 )
);
const mat3 LINEAR_SRGB_TO_LINEAR_REC2020 = mat3(
	vec3( 0.6274, 0.0691, 0.0164 ),
	vec3( 0.3293, 0.9195, 0.0880 ),
	vec3( 0.0433, 0.0113, 0.8956 )
);
vec3 agxDefaultContrastApprox( vec3 x ) {
	vec3 x2 = x * x;
	vec3 x4 = x2 * x2;
	return + 15.5 * x4 * x2
		- 40.14 * x4 * x
		+ 31.96 * x4
		- 6.868 * x2 * x
		+ 0.4298 * x2
		+ 0.1191 * x
		- 0.00232;
}
vec3 AgXToneMapping( vec3 color ) {
	const mat3 AgXInsetMatrix = mat3(
		vec3( 0.856627153315983, 0.137318972929847, 0.11189821299995 ),
		vec3( 0.0951212405381588, 0.761241990602591, 0.0767994186031903 ),
		vec3( 0.0482516061458583, 0.101439036467562, 0.811302368396859 )
	);
	const mat3 AgXOutsetMatrix = mat3(
		vec3( 1.1271005818144368, - 0.1413297634984383, - 0.14132976349843826 ),
		vec3( - 0.11060664309660323, 1.157823702216272, - 0.11060664309660294 ),
		vec3( - 0.016493938717834573, - 0.016493938717834257, 1.2519364065950405 )
	);
	const float AgxMinEv = - 12.47393;	const float AgxMaxEv = 4.026069;
	color *= toneMappingExposure;
	color = LINEAR_SRGB_TO_LINEAR_REC2020 * color;
	color = AgXInsetMatrix * color;
	color = max( color, 1e-10 );	color = log2( color );
	color = ( color - AgxMinEv ) / ( AgxMaxEv - AgxMinEv );
	color = clamp( color, 0.0, 1.0 );
	color = agxDefaultContrastApprox( color );
	color = AgXOutsetMatrix * color;
	color = pow( max( vec3( 0.0 ), color ), vec3( 2.2 ) );
	color = LINEAR_REC2020_TO_LINEAR_SRGB * color;
	color = clamp( color, 0.0, 1.0 );
	return color;
}
vec3 NeutralToneMapping( vec3 color ) {
	const float StartCompression = 0.8 - 0.04;
	const float Desaturation = 0.15;
	color *= toneMappingExposure;
	float x = min( color.r, min( color.g, color.b ) );
	float offset = x < 0.08 ? x - 6.25 * x * x : 0.04;
	color -= offset;
	float peak = max( color.r, max( color.g, color.b ) );
	if ( peak < StartCompression ) return color;
	float d = 1. - StartCompression;
	float newPeak = 1. - d * d / ( peak + d - StartCompression );
	color *= newPeak / peak;
	float g = 1. - 1. / ( Desaturation * ( peak - newPeak ) + 1. );
	return mix( color, vec3( newPeak ), g );
}
vec3 CustomToneMapping( vec3 color ) { return color; }`,k0=`#ifdef USE_TRANSMISSION
	material.transmission = transmission;
	material.transmissionAlpha = 1.0;
	material.thickness = thickness;
	material.attenuationDistance = attenuationDistance;
	material.attenuationColor = attenuationColor;
	#ifdef USE_TRANSMISSIONMAP
		material.transmission *= texture2D( transmissionMap, vTransmissionMapUv ).r;
	#endif
	#ifdef USE_THICKNESSMAP
		material.thickness *= texture2D( thicknessMap, vThicknessMapUv ).g;
	#endif
	vec3 pos = vWorldPosition;
	vec3 v = normalize( cameraPosition - pos );
	vec3 n = transformNormalByInverseViewMatrix( normal, viewMatrix );
	vec4 transmitted = getIBLVolumeRefraction(
		n, v, material.roughness, material.diffuseContribution, material.specularColorBlended, material.specularF90,
		pos, modelMatrix, viewMatrix, projectionMatrix, material.dispersion, material.ior, material.thickness,
		material.attenuationColor, material.attenuationDistance );
	material.transmissionAlpha = mix( material.transmissionAlpha, transmitted.a, material.transmission );
	totalDiffuse = mix( totalDiffuse, transmitted.rgb, material.transmission );
#endif`,z0=`#ifdef USE_TRANSMISSION
	uniform float transmission;
	uniform float thickness;
	uniform float attenuationDistance;
	uniform vec3 attenuationColor;
	#ifdef USE_TRANSMISSIONMAP
		uniform sampler2D transmissionMap;
	#endif
	#ifdef USE_THICKNESSMAP
		uniform sampler2D thicknessMap;
	#endif
	uniform vec2 transmissionSamplerSize;
	uniform sampler2D transmissionSamplerMap;
	uniform mat4 modelMatrix;
	uniform mat4 projectionMatrix;
	varying vec3 vWorldPosition;
	float w0( float a ) {
		return ( 1.0 / 6.0 ) * ( a * ( a * ( - a + 3.0 ) - 3.0 ) + 1.0 );
	}
	float w1( float a ) {
		return ( 1.0 / 6.0 ) * ( a *  a * ( 3.0 * a - 6.0 ) + 4.0 );
	}
	float w2( float a ){
		return ( 1.0 / 6.0 ) * ( a * ( a * ( - 3.0 * a + 3.0 ) + 3.0 ) + 1.0 );
	}
	float w3( float a ) {
		return ( 1.0 / 6.0 ) * ( a * a * a );
	}
	float g0( float a ) {
		return w0( a ) + w1( a );
	}
	float g1( float a ) {
		return w2( a ) + w3( a );
	}
	float h0( float a ) {
		return - 1.0 + w1( a ) / ( w0( a ) + w1( a ) );
	}
	float h1( float a ) {
		return 1.0 + w3( a ) / ( w2( a ) + w3( a ) );
	}
	vec4 bicubic( sampler2D tex, vec2 uv, vec4 texelSize, float lod ) {
		uv = uv * texelSize.zw + 0.5;
		vec2 iuv = floor( uv );
		vec2 fuv = fract( uv );
		float g0x = g0( fuv.x );
		float g1x = g1( fuv.x );
		float h0x = h0( fuv.x );
		float h1x = h1( fuv.x );
		float h0y = h0( fuv.y );
		float h1y = h1( fuv.y );
		vec2 p0 = ( vec2( iuv.x + h0x, iuv.y + h0y ) - 0.5 ) * texelSize.xy;
		vec2 p1 = ( vec2( iuv.x + h1x, iuv.y + h0y ) - 0.5 ) * texelSize.xy;
		vec2 p2 = ( vec2( iuv.x + h0x, iuv.y + h1y ) - 0.5 ) * texelSize.xy;
		vec2 p3 = ( vec2( iuv.x + h1x, iuv.y + h1y ) - 0.5 ) * texelSize.xy;
		return g0( fuv.y ) * ( g0x * textureLod( tex, p0, lod ) + g1x * textureLod( tex, p1, lod ) ) +
			g1( fuv.y ) * ( g0x * textureLod( tex, p2, lod ) + g1x * textureLod( tex, p3, lod ) );
	}
	vec4 textureBicubic( sampler2D sampler, vec2 uv, float lod ) {
		vec2 fLodSize = vec2( textureSize( sampler, int( lod ) ) );
		vec2 cLodSize = vec2( textureSize( sampler, int( lod + 1.0 ) ) );
		vec2 fLodSizeInv = 1.0 / fLodSize;
		vec2 cLodSizeInv = 1.0 / cLodSize;
		vec4 fSample = bicubic( sampler, uv, vec4( fLodSizeInv, fLodSize ), floor( lod ) );
		vec4 cSample = bicubic( sampler, uv, vec4( cLodSizeInv, cLodSize ), ceil( lod ) );
		return mix( fSample, cSample, fract( lod ) );
	}
	vec3 getVolumeTransmissionRay( const in vec3 n, const in vec3 v, const in float thickness, const in float ior, const in mat4 modelMatrix ) {
		vec3 refractionVector = refract( - v, normalize( n ), 1.0 / ior );
		vec3 modelScale;
		modelScale.x = length( vec3( modelMatrix[ 0 ].xyz ) );
		modelScale.y = length( vec3( modelMatrix[ 1 ].xyz ) );
		modelScale.z = length( vec3( modelMatrix[ 2 ].xyz ) );
		return normalize( refractionVector ) * thickness * modelScale;
	}
	float applyIorToRoughness( const in float roughness, const in float ior ) {
		return roughness * clamp( ior * 2.0 - 2.0, 0.0, 1.0 );
	}
	vec4 getTransmissionSample( const in vec2 fragCoord, const in float roughness, const in float ior ) {
		float lod = log2( transmissionSamplerSize.x ) * applyIorToRoughness( roughness, ior );
		return textureBicubic( transmissionSamplerMap, fragCoord.xy, lod );
	}
	vec3 volumeAttenuation( const in float transmissionDistance, const in vec3 attenuationColor, const in float attenuationDistance ) {
		if ( isinf( attenuationDistance ) ) {
			return vec3( 1.0 );
		} else {
			vec3 attenuationCoefficient = -log( attenuationColor ) / attenuationDistance;
			vec3 transmittance = exp( - attenuationCoefficient * transmissionDistance );			return transmittance;
		}
	}
	vec4 getIBLVolumeRefraction( const in vec3 n, const in vec3 v, const in float roughness, const in vec3 diffuseColor,
		const in vec3 specularColor, const in float specularF90, const in vec3 position, const in mat4 modelMatrix,
		const in mat4 viewMatrix, const in mat4 projMatrix, const in float dispersion, const in float ior, const in float thickness,
		const in vec3 attenuationColor, const in float attenuationDistance ) {
		vec4 transmittedLight;
		vec3 transmittance;
		#ifdef USE_DISPERSION
			float halfSpread = ( ior - 1.0 ) * 0.025 * dispersion;
			vec3 iors = vec3( ior - halfSpread, ior, ior + halfSpread );
			for ( int i = 0; i < 3; i ++ ) {
				vec3 transmissionRay = getVolumeTransmissionRay( n, v, thickness, iors[ i ], modelMatrix );
				vec3 refractedRayExit = position + transmissionRay;
				vec4 ndcPos = projMatrix * viewMatrix * vec4( refractedRayExit, 1.0 );
				vec2 refractionCoords = ndcPos.xy / ndcPos.w;
				refractionCoords += 1.0;
				refractionCoords /= 2.0;
				vec4 transmissionSample = getTransmissionSample( refractionCoords, roughness, iors[ i ] );
				transmittedLight[ i ] = transmissionSample[ i ];
				transmittedLight.a += transmissionSample.a;
				transmittance[ i ] = diffuseColor[ i ] * volumeAttenuation( length( transmissionRay ), attenuationColor, attenuationDistance )[ i ];
			}
			transmittedLight.a /= 3.0;
		#else
			vec3 transmissionRay = getVolumeTransmissionRay( n, v, thickness, ior, modelMatrix );
			vec3 refractedRayExit = position + transmissionRay;
			vec4 ndcPos = projMatrix * viewMatrix * vec4( refractedRayExit, 1.0 );
			vec2 refractionCoords = ndcPos.xy / ndcPos.w;
			refractionCoords += 1.0;
			refractionCoords /= 2.0;
			transmittedLight = getTransmissionSample( refractionCoords, roughness, ior );
			transmittance = diffuseColor * volumeAttenuation( length( transmissionRay ), attenuationColor, attenuationDistance );
		#endif
		vec3 attenuatedColor = transmittance * transmittedLight.rgb;
		vec3 F = EnvironmentBRDF( n, v, specularColor, specularF90, roughness );
		float transmittanceFactor = ( transmittance.r + transmittance.g + transmittance.b ) / 3.0;
		return vec4( ( 1.0 - F ) * attenuatedColor, 1.0 - ( 1.0 - transmittedLight.a ) * transmittanceFactor );
	}
#endif`,V0=`#if defined( USE_UV ) || defined( USE_ANISOTROPY )
	varying vec2 vUv;
#endif
#ifdef USE_MAP
	varying vec2 vMapUv;
#endif
#ifdef USE_ALPHAMAP
	varying vec2 vAlphaMapUv;
#endif
#ifdef USE_LIGHTMAP
	varying vec2 vLightMapUv;
#endif
#ifdef USE_AOMAP
	varying vec2 vAoMapUv;
#endif
#ifdef USE_BUMPMAP
	varying vec2 vBumpMapUv;
#endif
#ifdef USE_NORMALMAP
	varying vec2 vNormalMapUv;
#endif
#ifdef USE_EMISSIVEMAP
	varying vec2 vEmissiveMapUv;
#endif
#ifdef USE_METALNESSMAP
	varying vec2 vMetalnessMapUv;
#endif
#ifdef USE_ROUGHNESSMAP
	varying vec2 vRoughnessMapUv;
#endif
#ifdef USE_DIFFUSE_ROUGHNESSMAP
	varying vec2 vDiffuseRoughnessMapUv;
#endif
#ifdef USE_ANISOTROPYMAP
	varying vec2 vAnisotropyMapUv;
#endif
#ifdef USE_CLEARCOATMAP
	varying vec2 vClearcoatMapUv;
#endif
#ifdef USE_CLEARCOAT_NORMALMAP
	varying vec2 vClearcoatNormalMapUv;
#endif
#ifdef USE_CLEARCOAT_ROUGHNESSMAP
	varying vec2 vClearcoatRoughnessMapUv;
#endif
#ifdef USE_IRIDESCENCEMAP
	varying vec2 vIridescenceMapUv;
#endif
#ifdef USE_IRIDESCENCE_THICKNESSMAP
	varying vec2 vIridescenceThicknessMapUv;
#endif
#ifdef USE_SHEEN_COLORMAP
	varying vec2 vSheenColorMapUv;
#endif
#ifdef USE_SHEEN_ROUGHNESSMAP
	varying vec2 vSheenRoughnessMapUv;
#endif
#ifdef USE_SPECULARMAP
	varying vec2 vSpecularMapUv;
#endif
#ifdef USE_SPECULAR_COLORMAP
	varying vec2 vSpecularColorMapUv;
#endif
#ifdef USE_SPECULAR_INTENSITYMAP
	varying vec2 vSpecularIntensityMapUv;
#endif
#ifdef USE_TRANSMISSIONMAP
	uniform mat3 transmissionMapTransform;
	varying vec2 vTransmissionMapUv;
#endif
#ifdef USE_THICKNESSMAP
	uniform mat3 thicknessMapTransform;
	varying vec2 vThicknessMapUv;
#endif`,H0=`#if defined( USE_UV ) || defined( USE_ANISOTROPY )
	varying vec2 vUv;
#endif
#ifdef USE_MAP
	uniform mat3 mapTransform;
	varying vec2 vMapUv;
#endif
#ifdef USE_ALPHAMAP
	uniform mat3 alphaMapTransform;
	varying vec2 vAlphaMapUv;
#endif
#ifdef USE_LIGHTMAP
	uniform mat3 lightMapTransform;
	varying vec2 vLightMapUv;
#endif
#ifdef USE_AOMAP
	uniform mat3 aoMapTransform;
	varying vec2 vAoMapUv;
#endif
#ifdef USE_BUMPMAP
	uniform mat3 bumpMapTransform;
	varying vec2 vBumpMapUv;
#endif
#ifdef USE_NORMALMAP
	uniform mat3 normalMapTransform;
	varying vec2 vNormalMapUv;
#endif
#ifdef USE_DISPLACEMENTMAP
	uniform mat3 displacementMapTransform;
	varying vec2 vDisplacementMapUv;
#endif
#ifdef USE_EMISSIVEMAP
	uniform mat3 emissiveMapTransform;
	varying vec2 vEmissiveMapUv;
#endif
#ifdef USE_METALNESSMAP
	uniform mat3 metalnessMapTransform;
	varying vec2 vMetalnessMapUv;
#endif
#ifdef USE_ROUGHNESSMAP
	uniform mat3 roughnessMapTransform;
	varying vec2 vRoughnessMapUv;
#endif
#ifdef USE_DIFFUSE_ROUGHNESSMAP
	uniform mat3 diffuseRoughnessMapTransform;
	varying vec2 vDiffuseRoughnessMapUv;
#endif
#ifdef USE_ANISOTROPYMAP
	uniform mat3 anisotropyMapTransform;
	varying vec2 vAnisotropyMapUv;
#endif
#ifdef USE_CLEARCOATMAP
	uniform mat3 clearcoatMapTransform;
	varying vec2 vClearcoatMapUv;
#endif
#ifdef USE_CLEARCOAT_NORMALMAP
	uniform mat3 clearcoatNormalMapTransform;
	varying vec2 vClearcoatNormalMapUv;
#endif
#ifdef USE_CLEARCOAT_ROUGHNESSMAP
	uniform mat3 clearcoatRoughnessMapTransform;
	varying vec2 vClearcoatRoughnessMapUv;
#endif
#ifdef USE_SHEEN_COLORMAP
	uniform mat3 sheenColorMapTransform;
	varying vec2 vSheenColorMapUv;
#endif
#ifdef USE_SHEEN_ROUGHNESSMAP
	uniform mat3 sheenRoughnessMapTransform;
	varying vec2 vSheenRoughnessMapUv;
#endif
#ifdef USE_IRIDESCENCEMAP
	uniform mat3 iridescenceMapTransform;
	varying vec2 vIridescenceMapUv;
#endif
#ifdef USE_IRIDESCENCE_THICKNESSMAP
	uniform mat3 iridescenceThicknessMapTransform;
	varying vec2 vIridescenceThicknessMapUv;
#endif
#ifdef USE_SPECULARMAP
	uniform mat3 specularMapTransform;
	varying vec2 vSpecularMapUv;
#endif
#ifdef USE_SPECULAR_COLORMAP
	uniform mat3 specularColorMapTransform;
	varying vec2 vSpecularColorMapUv;
#endif
#ifdef USE_SPECULAR_INTENSITYMAP
	uniform mat3 specularIntensityMapTransform;
	varying vec2 vSpecularIntensityMapUv;
#endif
#ifdef USE_TRANSMISSIONMAP
	uniform mat3 transmissionMapTransform;
	varying vec2 vTransmissionMapUv;
#endif
#ifdef USE_THICKNESSMAP
	uniform mat3 thicknessMapTransform;
	varying vec2 vThicknessMapUv;
#endif`,G0=`#if defined( USE_UV ) || defined( USE_ANISOTROPY )
	vUv = vec3( uv, 1 ).xy;
#endif
#ifdef USE_MAP
	vMapUv = ( mapTransform * vec3( MAP_UV, 1 ) ).xy;
#endif
#ifdef USE_ALPHAMAP
	vAlphaMapUv = ( alphaMapTransform * vec3( ALPHAMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_LIGHTMAP
	vLightMapUv = ( lightMapTransform * vec3( LIGHTMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_AOMAP
	vAoMapUv = ( aoMapTransform * vec3( AOMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_BUMPMAP
	vBumpMapUv = ( bumpMapTransform * vec3( BUMPMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_NORMALMAP
	vNormalMapUv = ( normalMapTransform * vec3( NORMALMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_DISPLACEMENTMAP
	vDisplacementMapUv = ( displacementMapTransform * vec3( DISPLACEMENTMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_EMISSIVEMAP
	vEmissiveMapUv = ( emissiveMapTransform * vec3( EMISSIVEMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_METALNESSMAP
	vMetalnessMapUv = ( metalnessMapTransform * vec3( METALNESSMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_ROUGHNESSMAP
	vRoughnessMapUv = ( roughnessMapTransform * vec3( ROUGHNESSMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_DIFFUSE_ROUGHNESSMAP
	vDiffuseRoughnessMapUv = ( diffuseRoughnessMapTransform * vec3( DIFFUSE_ROUGHNESSMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_ANISOTROPYMAP
	vAnisotropyMapUv = ( anisotropyMapTransform * vec3( ANISOTROPYMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_CLEARCOATMAP
	vClearcoatMapUv = ( clearcoatMapTransform * vec3( CLEARCOATMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_CLEARCOAT_NORMALMAP
	vClearcoatNormalMapUv = ( clearcoatNormalMapTransform * vec3( CLEARCOAT_NORMALMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_CLEARCOAT_ROUGHNESSMAP
	vClearcoatRoughnessMapUv = ( clearcoatRoughnessMapTransform * vec3( CLEARCOAT_ROUGHNESSMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_IRIDESCENCEMAP
	vIridescenceMapUv = ( iridescenceMapTransform * vec3( IRIDESCENCEMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_IRIDESCENCE_THICKNESSMAP
	vIridescenceThicknessMapUv = ( iridescenceThicknessMapTransform * vec3( IRIDESCENCE_THICKNESSMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_SHEEN_COLORMAP
	vSheenColorMapUv = ( sheenColorMapTransform * vec3( SHEEN_COLORMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_SHEEN_ROUGHNESSMAP
	vSheenRoughnessMapUv = ( sheenRoughnessMapTransform * vec3( SHEEN_ROUGHNESSMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_SPECULARMAP
	vSpecularMapUv = ( specularMapTransform * vec3( SPECULARMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_SPECULAR_COLORMAP
	vSpecularColorMapUv = ( specularColorMapTransform * vec3( SPECULAR_COLORMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_SPECULAR_INTENSITYMAP
	vSpecularIntensityMapUv = ( specularIntensityMapTransform * vec3( SPECULAR_INTENSITYMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_TRANSMISSIONMAP
	vTransmissionMapUv = ( transmissionMapTransform * vec3( TRANSMISSIONMAP_UV, 1 ) ).xy;
#endif
#ifdef USE_THICKNESSMAP
	vThicknessMapUv = ( thicknessMapTransform * vec3( THICKNESSMAP_UV, 1 ) ).xy;
#endif`,W0=`#if defined( USE_ENVMAP ) || defined( DISTANCE ) || defined ( USE_SHADOWMAP ) || defined ( USE_TRANSMISSION ) || NUM_SPOT_LIGHT_COORDS > 0
	vec4 worldPosition = vec4( transformed, 1.0 );
	#ifdef USE_BATCHING
		worldPosition = batchingMatrix * worldPosition;
	#endif
	#ifdef USE_INSTANCING
		worldPosition = instanceMatrix * worldPosition;
	#endif
	worldPosition = modelMatrix * worldPosition;
#endif`,q0=`varying vec2 vUv;
uniform mat3 uvTransform;
void main() {
	vUv = ( uvTransform * vec3( uv, 1 ) ).xy;
	gl_Position = vec4( position.xy, 1.0, 1.0 );
}`,X0=`uniform sampler2D t2D;
uniform float backgroundIntensity;
varying vec2 vUv;
void main() {
	vec4 texColor = texture2D( t2D, vUv );
	#ifdef DECODE_VIDEO_TEXTURE
		texColor = vec4( mix( pow( texColor.rgb * 0.9478672986 + vec3( 0.0521327014 ), vec3( 2.4 ) ), texColor.rgb * 0.0773993808, vec3( lessThanEqual( texColor.rgb, vec3( 0.04045 ) ) ) ), texColor.w );
	#endif
	texColor.rgb *= backgroundIntensity;
	gl_FragColor = texColor;
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
}`,Y0=`varying vec3 vWorldDirection;
#include <common>
void main() {
	vWorldDirection = transformDirection( position, modelMatrix );
	#include <begin_vertex>
	#include <project_vertex>
	gl_Position.z = gl_Position.w;
}`,$0=`uniform float backgroundBlurriness;
uniform float backgroundIntensity;
uniform mat3 backgroundRotation;
varying vec3 vWorldDirection;
#include <envmap_common_pars_fragment>
void main() {
	#ifdef ENVMAP_TYPE_PMREM
		vec4 texColor = textureLod( envMap, backgroundRotation * vWorldDirection, roughnessToMip( backgroundBlurriness ) );
	#else
		vec4 texColor = textureCube( envMap, backgroundRotation * vWorldDirection );
	#endif
	texColor.rgb *= backgroundIntensity;
	gl_FragColor = texColor;
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
}`,Z0=`varying vec3 vWorldDirection;
#include <common>
void main() {
	vWorldDirection = transformDirection( position, modelMatrix );
	#include <begin_vertex>
	#include <project_vertex>
	gl_Position.z = gl_Position.w;
}`,J0=`uniform samplerCube tCube;
uniform float tFlip;
uniform float opacity;
varying vec3 vWorldDirection;
void main() {
	vec4 texColor = textureCube( tCube, vec3( tFlip * vWorldDirection.x, vWorldDirection.yz ) );
	gl_FragColor = texColor;
	gl_FragColor.a *= opacity;
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
}`,K0=`#include <common>
#include <batching_pars_vertex>
#include <uv_pars_vertex>
#include <displacementmap_pars_vertex>
#include <morphtarget_pars_vertex>
#include <skinning_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
varying vec2 vHighPrecisionZW;
void main() {
	#include <uv_vertex>
	#include <batching_vertex>
	#include <skinbase_vertex>
	#include <morphinstance_vertex>
	#ifdef USE_DISPLACEMENTMAP
		#include <beginnormal_vertex>
		#include <morphnormal_vertex>
		#include <skinnormal_vertex>
	#endif
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <skinning_vertex>
	#include <displacementmap_vertex>
	#include <project_vertex>
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
	vHighPrecisionZW = gl_Position.zw;
}`,j0=`#if DEPTH_PACKING == 3200
	uniform float opacity;
#endif
#include <common>
#include <packing>
#include <uv_pars_fragment>
#include <map_pars_fragment>
#include <alphamap_pars_fragment>
#include <alphatest_pars_fragment>
#include <alphahash_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
varying vec2 vHighPrecisionZW;
void main() {
	vec4 diffuseColor = vec4( 1.0 );
	#include <clipping_planes_fragment>
	#if DEPTH_PACKING == 3200
		diffuseColor.a = opacity;
	#endif
	#include <map_fragment>
	#include <alphamap_fragment>
	#include <alphatest_fragment>
	#include <alphahash_fragment>
	#include <logdepthbuf_fragment>
	#ifdef USE_REVERSED_DEPTH_BUFFER
		float fragCoordZ = vHighPrecisionZW[ 0 ] / vHighPrecisionZW[ 1 ];
	#else
		float fragCoordZ = 0.5 * vHighPrecisionZW[ 0 ] / vHighPrecisionZW[ 1 ] + 0.5;
	#endif
	#if DEPTH_PACKING == 3200
		gl_FragColor = vec4( vec3( 1.0 - fragCoordZ ), opacity );
	#elif DEPTH_PACKING == 3201
		gl_FragColor = packDepthToRGBA( fragCoordZ );
	#elif DEPTH_PACKING == 3202
		gl_FragColor = vec4( packDepthToRGB( fragCoordZ ), 1.0 );
	#elif DEPTH_PACKING == 3203
		gl_FragColor = vec4( packDepthToRG( fragCoordZ ), 0.0, 1.0 );
	#endif
}`,Q0=`#define DISTANCE
varying vec3 vWorldPosition;
#include <common>
#include <batching_pars_vertex>
#include <uv_pars_vertex>
#include <displacementmap_pars_vertex>
#include <morphtarget_pars_vertex>
#include <skinning_pars_vertex>
#include <clipping_planes_pars_vertex>
void main() {
	#include <uv_vertex>
	#include <batching_vertex>
	#include <skinbase_vertex>
	#include <morphinstance_vertex>
	#ifdef USE_DISPLACEMENTMAP
		#include <beginnormal_vertex>
		#include <morphnormal_vertex>
		#include <skinnormal_vertex>
	#endif
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <skinning_vertex>
	#include <displacementmap_vertex>
	#include <project_vertex>
	#include <worldpos_vertex>
	#include <clipping_planes_vertex>
	vWorldPosition = worldPosition.xyz;
}`,tx=`#define DISTANCE
uniform vec3 referencePosition;
uniform float nearDistance;
uniform float farDistance;
varying vec3 vWorldPosition;
#include <common>
#include <uv_pars_fragment>
#include <map_pars_fragment>
#include <alphamap_pars_fragment>
#include <alphatest_pars_fragment>
#include <alphahash_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( 1.0 );
	#include <clipping_planes_fragment>
	#include <map_fragment>
	#include <alphamap_fragment>
	#include <alphatest_fragment>
	#include <alphahash_fragment>
	float dist = length( vWorldPosition - referencePosition );
	dist = ( dist - nearDistance ) / ( farDistance - nearDistance );
	dist = saturate( dist );
	gl_FragColor = vec4( dist, 0.0, 0.0, 1.0 );
}`,ex=`varying vec3 vWorldDirection;
#include <common>
void main() {
	vWorldDirection = transformDirection( position, modelMatrix );
	#include <begin_vertex>
	#include <project_vertex>
}`,nx=`uniform sampler2D tEquirect;
varying vec3 vWorldDirection;
#include <common>
void main() {
	vec3 direction = normalize( vWorldDirection );
	vec2 sampleUV = equirectUv( direction );
	gl_FragColor = texture2D( tEquirect, sampleUV );
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
}`,ix=`uniform float scale;
attribute float lineDistance;
varying float vLineDistance;
#include <common>
#include <uv_pars_vertex>
#include <color_pars_vertex>
#include <fog_pars_vertex>
#include <morphtarget_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
void main() {
	vLineDistance = scale * lineDistance;
	#include <uv_vertex>
	#include <color_vertex>
	#include <morphinstance_vertex>
	#include <morphcolor_vertex>
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <project_vertex>
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
	#include <fog_vertex>
}`,sx=`uniform vec3 diffuse;
uniform float opacity;
uniform float dashSize;
uniform float totalSize;
varying float vLineDistance;
#include <common>
#include <color_pars_fragment>
#include <uv_pars_fragment>
#include <map_pars_fragment>
#include <fog_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( diffuse, opacity );
	#include <clipping_planes_fragment>
	if ( mod( vLineDistance, totalSize ) > dashSize ) {
		discard;
	}
	vec3 outgoingLight = vec3( 0.0 );
	#include <logdepthbuf_fragment>
	#include <map_fragment>
	#include <color_fragment>
	outgoingLight = diffuseColor.rgb;
	#include <opaque_fragment>
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
	#include <fog_fragment>
	#include <premultiplied_alpha_fragment>
}`,rx=`#include <common>
#include <batching_pars_vertex>
#include <uv_pars_vertex>
#include <envmap_pars_vertex>
#include <color_pars_vertex>
#include <fog_pars_vertex>
#include <morphtarget_pars_vertex>
#include <skinning_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
void main() {
	#include <uv_vertex>
	#include <color_vertex>
	#include <morphinstance_vertex>
	#include <morphcolor_vertex>
	#include <batching_vertex>
	#if defined ( USE_ENVMAP ) || defined ( USE_SKINNING )
		#include <beginnormal_vertex>
		#include <morphnormal_vertex>
		#include <skinbase_vertex>
		#include <skinnormal_vertex>
		#include <defaultnormal_vertex>
	#endif
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <skinning_vertex>
	#include <project_vertex>
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
	#include <worldpos_vertex>
	#include <envmap_vertex>
	#include <fog_vertex>
}`,ox=`uniform vec3 diffuse;
uniform float opacity;
#ifndef FLAT_SHADED
	varying vec3 vNormal;
#endif
#include <common>
#include <dithering_pars_fragment>
#include <color_pars_fragment>
#include <uv_pars_fragment>
#include <map_pars_fragment>
#include <alphamap_pars_fragment>
#include <alphatest_pars_fragment>
#include <alphahash_pars_fragment>
#include <aomap_pars_fragment>
#include <lightmap_pars_fragment>
#include <envmap_common_pars_fragment>
#include <envmap_pars_fragment>
#include <fog_pars_fragment>
#include <specularmap_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( diffuse, opacity );
	#include <clipping_planes_fragment>
	#include <logdepthbuf_fragment>
	#include <map_fragment>
	#include <color_fragment>
	#include <alphamap_fragment>
	#include <alphatest_fragment>
	#include <alphahash_fragment>
	#include <specularmap_fragment>
	ReflectedLight reflectedLight = ReflectedLight( vec3( 0.0 ), vec3( 0.0 ), vec3( 0.0 ), vec3( 0.0 ) );
	#ifdef USE_LIGHTMAP
		vec4 lightMapTexel = texture2D( lightMap, vLightMapUv );
		reflectedLight.indirectDiffuse += lightMapTexel.rgb * lightMapIntensity * RECIPROCAL_PI;
	#else
		reflectedLight.indirectDiffuse += vec3( 1.0 );
	#endif
	#include <aomap_fragment>
	reflectedLight.indirectDiffuse *= diffuseColor.rgb;
	vec3 outgoingLight = reflectedLight.indirectDiffuse;
	#include <envmap_fragment>
	#include <opaque_fragment>
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
	#include <fog_fragment>
	#include <premultiplied_alpha_fragment>
	#include <dithering_fragment>
}`,ax=`#define LAMBERT
varying vec3 vViewPosition;
#include <common>
#include <batching_pars_vertex>
#include <uv_pars_vertex>
#include <displacementmap_pars_vertex>
#include <envmap_pars_vertex>
#include <color_pars_vertex>
#include <fog_pars_vertex>
#include <normal_pars_vertex>
#include <morphtarget_pars_vertex>
#include <skinning_pars_vertex>
#include <shadowmap_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
void main() {
	#include <uv_vertex>
	#include <color_vertex>
	#include <morphinstance_vertex>
	#include <morphcolor_vertex>
	#include <batching_vertex>
	#include <beginnormal_vertex>
	#include <morphnormal_vertex>
	#include <skinbase_vertex>
	#include <skinnormal_vertex>
	#include <defaultnormal_vertex>
	#include <normal_vertex>
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <skinning_vertex>
	#include <displacementmap_vertex>
	#include <project_vertex>
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
	vViewPosition = - mvPosition.xyz;
	#include <worldpos_vertex>
	#include <envmap_vertex>
	#include <shadowmap_vertex>
	#include <fog_vertex>
}`,lx=`#define LAMBERT
uniform vec3 diffuse;
uniform vec3 emissive;
uniform float opacity;
#include <common>
#include <dithering_pars_fragment>
#include <color_pars_fragment>
#include <uv_pars_fragment>
#include <map_pars_fragment>
#include <alphamap_pars_fragment>
#include <alphatest_pars_fragment>
#include <alphahash_pars_fragment>
#include <aomap_pars_fragment>
#include <lightmap_pars_fragment>
#include <emissivemap_pars_fragment>
#include <envmap_common_pars_fragment>
#include <envmap_pars_fragment>
#include <envmap_physical_pars_fragment>
#include <fog_pars_fragment>
#include <bsdfs>
#include <lights_pars_begin>
#include <normal_pars_fragment>
#include <lights_lambert_pars_fragment>
#include <shadowmap_pars_fragment>
#include <bumpmap_pars_fragment>
#include <normalmap_pars_fragment>
#include <specularmap_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( diffuse, opacity );
	#include <clipping_planes_fragment>
	ReflectedLight reflectedLight = ReflectedLight( vec3( 0.0 ), vec3( 0.0 ), vec3( 0.0 ), vec3( 0.0 ) );
	vec3 totalEmissiveRadiance = emissive;
	#include <logdepthbuf_fragment>
	#include <map_fragment>
	#include <color_fragment>
	#include <alphamap_fragment>
	#include <alphatest_fragment>
	#include <alphahash_fragment>
	#include <specularmap_fragment>
	#include <normal_fragment_begin>
	#include <normal_fragment_maps>
	#include <emissivemap_fragment>
	#include <lights_lambert_fragment>
	#include <lights_fragment_begin>
	#include <lights_fragment_maps>
	#include <lights_fragment_end>
	#include <aomap_fragment>
	vec3 outgoingLight = reflectedLight.directDiffuse + reflectedLight.indirectDiffuse + totalEmissiveRadiance;
	#include <envmap_fragment>
	#include <opaque_fragment>
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
	#include <fog_fragment>
	#include <premultiplied_alpha_fragment>
	#include <dithering_fragment>
}`,cx=`#define MATCAP
varying vec3 vViewPosition;
#include <common>
#include <batching_pars_vertex>
#include <uv_pars_vertex>
#include <color_pars_vertex>
#include <displacementmap_pars_vertex>
#include <fog_pars_vertex>
#include <normal_pars_vertex>
#include <morphtarget_pars_vertex>
#include <skinning_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
void main() {
	#include <uv_vertex>
	#include <color_vertex>
	#include <morphinstance_vertex>
	#include <morphcolor_vertex>
	#include <batching_vertex>
	#include <beginnormal_vertex>
	#include <morphnormal_vertex>
	#include <skinbase_vertex>
	#include <skinnormal_vertex>
	#include <defaultnormal_vertex>
	#include <normal_vertex>
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <skinning_vertex>
	#include <displacementmap_vertex>
	#include <project_vertex>
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
	#include <fog_vertex>
	vViewPosition = - mvPosition.xyz;
}`,hx=`#define MATCAP
uniform vec3 diffuse;
uniform float opacity;
uniform sampler2D matcap;
varying vec3 vViewPosition;
#include <common>
#include <dithering_pars_fragment>
#include <color_pars_fragment>
#include <uv_pars_fragment>
#include <map_pars_fragment>
#include <alphamap_pars_fragment>
#include <alphatest_pars_fragment>
#include <alphahash_pars_fragment>
#include <fog_pars_fragment>
#include <normal_pars_fragment>
#include <bumpmap_pars_fragment>
#include <normalmap_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( diffuse, opacity );
	#include <clipping_planes_fragment>
	#include <logdepthbuf_fragment>
	#include <map_fragment>
	#include <color_fragment>
	#include <alphamap_fragment>
	#include <alphatest_fragment>
	#include <alphahash_fragment>
	#include <normal_fragment_begin>
	#include <normal_fragment_maps>
	vec3 viewDir = normalize( vViewPosition );
	vec3 x = normalize( vec3( viewDir.z, 0.0, - viewDir.x ) );
	vec3 y = cross( viewDir, x );
	vec2 uv = vec2( dot( x, normal ), dot( y, normal ) ) * 0.495 + 0.5;
	#ifdef USE_MATCAP
		vec4 matcapColor = texture2D( matcap, uv );
	#else
		vec4 matcapColor = vec4( vec3( mix( 0.2, 0.8, uv.y ) ), 1.0 );
	#endif
	vec3 outgoingLight = diffuseColor.rgb * matcapColor.rgb;
	#include <opaque_fragment>
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
	#include <fog_fragment>
	#include <premultiplied_alpha_fragment>
	#include <dithering_fragment>
}`,ux=`#define NORMAL
#if defined( FLAT_SHADED ) || defined( USE_BUMPMAP ) || defined( USE_NORMALMAP_TANGENTSPACE )
	varying vec3 vViewPosition;
#endif
#include <common>
#include <batching_pars_vertex>
#include <uv_pars_vertex>
#include <displacementmap_pars_vertex>
#include <normal_pars_vertex>
#include <morphtarget_pars_vertex>
#include <skinning_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
void main() {
	#include <uv_vertex>
	#include <batching_vertex>
	#include <beginnormal_vertex>
	#include <morphinstance_vertex>
	#include <morphnormal_vertex>
	#include <skinbase_vertex>
	#include <skinnormal_vertex>
	#include <defaultnormal_vertex>
	#include <normal_vertex>
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <skinning_vertex>
	#include <displacementmap_vertex>
	#include <project_vertex>
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
#if defined( FLAT_SHADED ) || defined( USE_BUMPMAP ) || defined( USE_NORMALMAP_TANGENTSPACE )
	vViewPosition = - mvPosition.xyz;
#endif
}`,dx=`#define NORMAL
uniform float opacity;
#if defined( FLAT_SHADED ) || defined( USE_BUMPMAP ) || defined( USE_NORMALMAP_TANGENTSPACE )
	varying vec3 vViewPosition;
#endif
#include <uv_pars_fragment>
#include <normal_pars_fragment>
#include <bumpmap_pars_fragment>
#include <normalmap_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( 0.0, 0.0, 0.0, opacity );
	#include <clipping_planes_fragment>
	#include <logdepthbuf_fragment>
	#include <normal_fragment_begin>
	#include <normal_fragment_maps>
	gl_FragColor = vec4( normalize( normal ) * 0.5 + 0.5, diffuseColor.a );
	#ifdef OPAQUE
		gl_FragColor.a = 1.0;
	#endif
}`,fx=`#define PHONG
varying vec3 vViewPosition;
#include <common>
#include <batching_pars_vertex>
#include <uv_pars_vertex>
#include <displacementmap_pars_vertex>
#include <envmap_pars_vertex>
#include <color_pars_vertex>
#include <fog_pars_vertex>
#include <normal_pars_vertex>
#include <morphtarget_pars_vertex>
#include <skinning_pars_vertex>
#include <shadowmap_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
void main() {
	#include <uv_vertex>
	#include <color_vertex>
	#include <morphcolor_vertex>
	#include <batching_vertex>
	#include <beginnormal_vertex>
	#include <morphinstance_vertex>
	#include <morphnormal_vertex>
	#include <skinbase_vertex>
	#include <skinnormal_vertex>
	#include <defaultnormal_vertex>
	#include <normal_vertex>
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <skinning_vertex>
	#include <displacementmap_vertex>
	#include <project_vertex>
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
	vViewPosition = - mvPosition.xyz;
	#include <worldpos_vertex>
	#include <envmap_vertex>
	#include <shadowmap_vertex>
	#include <fog_vertex>
}`,px=`#define PHONG
uniform vec3 diffuse;
uniform vec3 emissive;
uniform vec3 specular;
uniform float shininess;
uniform float opacity;
#include <common>
#include <dithering_pars_fragment>
#include <color_pars_fragment>
#include <uv_pars_fragment>
#include <map_pars_fragment>
#include <alphamap_pars_fragment>
#include <alphatest_pars_fragment>
#include <alphahash_pars_fragment>
#include <aomap_pars_fragment>
#include <lightmap_pars_fragment>
#include <emissivemap_pars_fragment>
#include <envmap_common_pars_fragment>
#include <envmap_pars_fragment>
#include <envmap_physical_pars_fragment>
#include <fog_pars_fragment>
#include <bsdfs>
#include <lights_pars_begin>
#include <normal_pars_fragment>
#include <lights_phong_pars_fragment>
#include <shadowmap_pars_fragment>
#include <bumpmap_pars_fragment>
#include <normalmap_pars_fragment>
#include <specularmap_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( diffuse, opacity );
	#include <clipping_planes_fragment>
	ReflectedLight reflectedLight = ReflectedLight( vec3( 0.0 ), vec3( 0.0 ), vec3( 0.0 ), vec3( 0.0 ) );
	vec3 totalEmissiveRadiance = emissive;
	#include <logdepthbuf_fragment>
	#include <map_fragment>
	#include <color_fragment>
	#include <alphamap_fragment>
	#include <alphatest_fragment>
	#include <alphahash_fragment>
	#include <specularmap_fragment>
	#include <normal_fragment_begin>
	#include <normal_fragment_maps>
	#include <emissivemap_fragment>
	#include <lights_phong_fragment>
	#include <lights_fragment_begin>
	#include <lights_fragment_maps>
	#include <lights_fragment_end>
	#include <aomap_fragment>
	vec3 outgoingLight = reflectedLight.directDiffuse + reflectedLight.indirectDiffuse + reflectedLight.directSpecular + reflectedLight.indirectSpecular + totalEmissiveRadiance;
	#include <envmap_fragment>
	#include <opaque_fragment>
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
	#include <fog_fragment>
	#include <premultiplied_alpha_fragment>
	#include <dithering_fragment>
}`,mx=`#define STANDARD
varying vec3 vViewPosition;
#ifdef USE_TRANSMISSION
	varying vec3 vWorldPosition;
#endif
#include <common>
#include <batching_pars_vertex>
#include <uv_pars_vertex>
#include <displacementmap_pars_vertex>
#include <color_pars_vertex>
#include <fog_pars_vertex>
#include <normal_pars_vertex>
#include <morphtarget_pars_vertex>
#include <skinning_pars_vertex>
#include <shadowmap_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
void main() {
	#include <uv_vertex>
	#include <color_vertex>
	#include <morphinstance_vertex>
	#include <morphcolor_vertex>
	#include <batching_vertex>
	#include <beginnormal_vertex>
	#include <morphnormal_vertex>
	#include <skinbase_vertex>
	#include <skinnormal_vertex>
	#include <defaultnormal_vertex>
	#include <normal_vertex>
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <skinning_vertex>
	#include <displacementmap_vertex>
	#include <project_vertex>
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
	vViewPosition = - mvPosition.xyz;
	#include <worldpos_vertex>
	#include <shadowmap_vertex>
	#include <fog_vertex>
#ifdef USE_TRANSMISSION
	vWorldPosition = worldPosition.xyz;
#endif
}`,gx=`#define STANDARD
#ifdef PHYSICAL
	#define IOR
	#define USE_SPECULAR
#endif
uniform vec3 diffuse;
uniform vec3 emissive;
uniform float roughness;
uniform float metalness;
uniform float opacity;
#ifdef IOR
	uniform float ior;
#endif
#ifdef USE_SPECULAR
	uniform float specularIntensity;
	uniform vec3 specularColor;
	#ifdef USE_SPECULAR_COLORMAP
		uniform sampler2D specularColorMap;
	#endif
	#ifdef USE_SPECULAR_INTENSITYMAP
		uniform sampler2D specularIntensityMap;
	#endif
#endif
#ifdef USE_CLEARCOAT
	uniform float clearcoat;
	uniform float clearcoatRoughness;
#endif
#ifdef USE_DIFFUSE_ROUGHNESS
	uniform float diffuseRoughness;
	#ifdef USE_DIFFUSE_ROUGHNESSMAP
		uniform sampler2D diffuseRoughnessMap;
	#endif
#endif
#ifdef USE_DISPERSION
	uniform float dispersion;
#endif
#ifdef USE_RETROREFLECTION
	uniform float retroreflectivity;
#endif
#ifdef USE_IRIDESCENCE
	uniform float iridescence;
	uniform float iridescenceIOR;
	uniform float iridescenceThicknessMinimum;
	uniform float iridescenceThicknessMaximum;
#endif
#ifdef USE_SHEEN
	uniform vec3 sheenColor;
	uniform float sheenRoughness;
	#ifdef USE_SHEEN_COLORMAP
		uniform sampler2D sheenColorMap;
	#endif
	#ifdef USE_SHEEN_ROUGHNESSMAP
		uniform sampler2D sheenRoughnessMap;
	#endif
#endif
#ifdef USE_ANISOTROPY
	uniform vec2 anisotropyVector;
	#ifdef USE_ANISOTROPYMAP
		uniform sampler2D anisotropyMap;
	#endif
#endif
varying vec3 vViewPosition;
#include <common>
#include <dithering_pars_fragment>
#include <color_pars_fragment>
#include <uv_pars_fragment>
#include <map_pars_fragment>
#include <alphamap_pars_fragment>
#include <alphatest_pars_fragment>
#include <alphahash_pars_fragment>
#include <aomap_pars_fragment>
#include <lightmap_pars_fragment>
#include <emissivemap_pars_fragment>
#include <iridescence_fragment>
#include <envmap_common_pars_fragment>
#include <envmap_physical_pars_fragment>
#include <fog_pars_fragment>
#include <lights_pars_begin>
#include <normal_pars_fragment>
#include <lights_physical_pars_fragment>
#include <transmission_pars_fragment>
#include <shadowmap_pars_fragment>
#include <bumpmap_pars_fragment>
#include <normalmap_pars_fragment>
#include <clearcoat_pars_fragment>
#include <iridescence_pars_fragment>
#include <roughnessmap_pars_fragment>
#include <metalnessmap_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( diffuse, opacity );
	#include <clipping_planes_fragment>
	ReflectedLight reflectedLight = ReflectedLight( vec3( 0.0 ), vec3( 0.0 ), vec3( 0.0 ), vec3( 0.0 ) );
	vec3 totalEmissiveRadiance = emissive;
	#include <logdepthbuf_fragment>
	#include <map_fragment>
	#include <color_fragment>
	#include <alphamap_fragment>
	#include <alphatest_fragment>
	#include <alphahash_fragment>
	#include <roughnessmap_fragment>
	#include <metalnessmap_fragment>
	#include <normal_fragment_begin>
	#include <normal_fragment_maps>
	#include <clearcoat_normal_fragment_begin>
	#include <clearcoat_normal_fragment_maps>
	#include <emissivemap_fragment>
	#include <lights_physical_fragment>
	#include <lights_fragment_begin>
	#include <lights_fragment_maps>
	#include <lights_fragment_end>
	#include <aomap_fragment>
	vec3 totalDiffuse = reflectedLight.directDiffuse + reflectedLight.indirectDiffuse;
	vec3 totalSpecular = reflectedLight.directSpecular + reflectedLight.indirectSpecular;
	#include <transmission_fragment>
	vec3 outgoingLight = totalDiffuse + totalSpecular + totalEmissiveRadiance;
	#ifdef USE_SHEEN
 
		outgoingLight = outgoingLight + sheenSpecularDirect + sheenSpecularIndirect;
 
 	#endif
	#ifdef USE_CLEARCOAT
		float dotNVcc = saturate( dot( geometryClearcoatNormal, geometryViewDir ) );
		vec3 Fcc = F_Schlick( material.clearcoatF0, material.clearcoatF90, dotNVcc );
		outgoingLight = outgoingLight * ( 1.0 - material.clearcoat * Fcc ) + ( clearcoatSpecularDirect + clearcoatSpecularIndirect ) * material.clearcoat;
	#endif
	#include <opaque_fragment>
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
	#include <fog_fragment>
	#include <premultiplied_alpha_fragment>
	#include <dithering_fragment>
}`,_x=`#define TOON
varying vec3 vViewPosition;
#include <common>
#include <batching_pars_vertex>
#include <uv_pars_vertex>
#include <displacementmap_pars_vertex>
#include <color_pars_vertex>
#include <fog_pars_vertex>
#include <normal_pars_vertex>
#include <morphtarget_pars_vertex>
#include <skinning_pars_vertex>
#include <shadowmap_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
void main() {
	#include <uv_vertex>
	#include <color_vertex>
	#include <morphinstance_vertex>
	#include <morphcolor_vertex>
	#include <batching_vertex>
	#include <beginnormal_vertex>
	#include <morphnormal_vertex>
	#include <skinbase_vertex>
	#include <skinnormal_vertex>
	#include <defaultnormal_vertex>
	#include <normal_vertex>
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <skinning_vertex>
	#include <displacementmap_vertex>
	#include <project_vertex>
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
	vViewPosition = - mvPosition.xyz;
	#include <worldpos_vertex>
	#include <shadowmap_vertex>
	#include <fog_vertex>
}`,xx=`#define TOON
uniform vec3 diffuse;
uniform vec3 emissive;
uniform float opacity;
#include <common>
#include <dithering_pars_fragment>
#include <color_pars_fragment>
#include <uv_pars_fragment>
#include <map_pars_fragment>
#include <alphamap_pars_fragment>
#include <alphatest_pars_fragment>
#include <alphahash_pars_fragment>
#include <aomap_pars_fragment>
#include <lightmap_pars_fragment>
#include <emissivemap_pars_fragment>
#include <gradientmap_pars_fragment>
#include <fog_pars_fragment>
#include <bsdfs>
#include <lights_pars_begin>
#include <normal_pars_fragment>
#include <lights_toon_pars_fragment>
#include <shadowmap_pars_fragment>
#include <bumpmap_pars_fragment>
#include <normalmap_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( diffuse, opacity );
	#include <clipping_planes_fragment>
	ReflectedLight reflectedLight = ReflectedLight( vec3( 0.0 ), vec3( 0.0 ), vec3( 0.0 ), vec3( 0.0 ) );
	vec3 totalEmissiveRadiance = emissive;
	#include <logdepthbuf_fragment>
	#include <map_fragment>
	#include <color_fragment>
	#include <alphamap_fragment>
	#include <alphatest_fragment>
	#include <alphahash_fragment>
	#include <normal_fragment_begin>
	#include <normal_fragment_maps>
	#include <emissivemap_fragment>
	#include <lights_toon_fragment>
	#include <lights_fragment_begin>
	#include <lights_fragment_maps>
	#include <lights_fragment_end>
	#include <aomap_fragment>
	vec3 outgoingLight = reflectedLight.directDiffuse + reflectedLight.indirectDiffuse + totalEmissiveRadiance;
	#include <opaque_fragment>
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
	#include <fog_fragment>
	#include <premultiplied_alpha_fragment>
	#include <dithering_fragment>
}`,yx=`uniform float size;
uniform float scale;
#include <common>
#include <color_pars_vertex>
#include <fog_pars_vertex>
#include <morphtarget_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
#ifdef USE_POINTS_UV
	varying vec2 vUv;
	uniform mat3 uvTransform;
#endif
void main() {
	#ifdef USE_POINTS_UV
		vUv = ( uvTransform * vec3( uv, 1 ) ).xy;
	#endif
	#include <color_vertex>
	#include <morphinstance_vertex>
	#include <morphcolor_vertex>
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <project_vertex>
	gl_PointSize = size;
	#ifdef USE_SIZEATTENUATION
		bool isPerspective = isPerspectiveMatrix( projectionMatrix );
		if ( isPerspective ) gl_PointSize *= ( scale / - mvPosition.z );
	#endif
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
	#include <worldpos_vertex>
	#include <fog_vertex>
}`,vx=`uniform vec3 diffuse;
uniform float opacity;
#include <common>
#include <color_pars_fragment>
#include <map_particle_pars_fragment>
#include <alphatest_pars_fragment>
#include <alphahash_pars_fragment>
#include <fog_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( diffuse, opacity );
	#include <clipping_planes_fragment>
	vec3 outgoingLight = vec3( 0.0 );
	#include <logdepthbuf_fragment>
	#include <map_particle_fragment>
	#include <color_fragment>
	#include <alphatest_fragment>
	#include <alphahash_fragment>
	outgoingLight = diffuseColor.rgb;
	#include <opaque_fragment>
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
	#include <fog_fragment>
	#include <premultiplied_alpha_fragment>
}`,Sx=`#include <common>
#include <batching_pars_vertex>
#include <fog_pars_vertex>
#include <morphtarget_pars_vertex>
#include <skinning_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <shadowmap_pars_vertex>
void main() {
	#include <batching_vertex>
	#include <beginnormal_vertex>
	#include <morphinstance_vertex>
	#include <morphnormal_vertex>
	#include <skinbase_vertex>
	#include <skinnormal_vertex>
	#include <defaultnormal_vertex>
	#include <begin_vertex>
	#include <morphtarget_vertex>
	#include <skinning_vertex>
	#include <project_vertex>
	#include <logdepthbuf_vertex>
	#include <worldpos_vertex>
	#include <shadowmap_vertex>
	#include <fog_vertex>
}`,bx=`uniform vec3 color;
uniform float opacity;
#include <common>
#include <fog_pars_fragment>
#include <bsdfs>
#include <lights_pars_begin>
#include <logdepthbuf_pars_fragment>
#include <shadowmap_pars_fragment>
#include <shadowmask_pars_fragment>
void main() {
	#include <logdepthbuf_fragment>
	gl_FragColor = vec4( color, opacity * ( 1.0 - getShadowMask() ) );
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
	#include <fog_fragment>
	#include <premultiplied_alpha_fragment>
}`,Mx=`uniform float rotation;
uniform vec2 center;
#include <common>
#include <uv_pars_vertex>
#include <fog_pars_vertex>
#include <logdepthbuf_pars_vertex>
#include <clipping_planes_pars_vertex>
void main() {
	#include <uv_vertex>
	vec4 mvPosition = modelViewMatrix[ 3 ];
	vec2 scale = vec2( length( modelMatrix[ 0 ].xyz ), length( modelMatrix[ 1 ].xyz ) );
	#ifndef USE_SIZEATTENUATION
		bool isPerspective = isPerspectiveMatrix( projectionMatrix );
		if ( isPerspective ) scale *= - mvPosition.z;
	#endif
	vec2 alignedPosition = ( position.xy - ( center - vec2( 0.5 ) ) ) * scale;
	vec2 rotatedPosition;
	rotatedPosition.x = cos( rotation ) * alignedPosition.x - sin( rotation ) * alignedPosition.y;
	rotatedPosition.y = sin( rotation ) * alignedPosition.x + cos( rotation ) * alignedPosition.y;
	mvPosition.xy += rotatedPosition;
	gl_Position = projectionMatrix * mvPosition;
	#include <logdepthbuf_vertex>
	#include <clipping_planes_vertex>
	#include <fog_vertex>
}`,wx=`uniform vec3 diffuse;
uniform float opacity;
#include <common>
#include <uv_pars_fragment>
#include <map_pars_fragment>
#include <alphamap_pars_fragment>
#include <alphatest_pars_fragment>
#include <alphahash_pars_fragment>
#include <fog_pars_fragment>
#include <logdepthbuf_pars_fragment>
#include <clipping_planes_pars_fragment>
void main() {
	vec4 diffuseColor = vec4( diffuse, opacity );
	#include <clipping_planes_fragment>
	vec3 outgoingLight = vec3( 0.0 );
	#include <logdepthbuf_fragment>
	#include <map_fragment>
	#include <alphamap_fragment>
	#include <alphatest_fragment>
	#include <alphahash_fragment>
	outgoingLight = diffuseColor.rgb;
	#include <opaque_fragment>
	#include <tonemapping_fragment>
	#include <colorspace_fragment>
	#include <fog_fragment>
}`,$t={alphahash_fragment:Xg,alphahash_pars_fragment:Yg,alphamap_fragment:$g,alphamap_pars_fragment:Zg,alphatest_fragment:Jg,alphatest_pars_fragment:Kg,aomap_fragment:jg,aomap_pars_fragment:Qg,batching_pars_vertex:t_,batching_vertex:e_,begin_vertex:n_,beginnormal_vertex:i_,bsdfs:s_,iridescence_fragment:r_,bumpmap_pars_fragment:o_,clipping_planes_fragment:a_,clipping_planes_pars_fragment:l_,clipping_planes_pars_vertex:c_,clipping_planes_vertex:h_,color_fragment:u_,color_pars_fragment:d_,color_pars_vertex:f_,color_vertex:p_,common:m_,defaultnormal_vertex:g_,displacementmap_pars_vertex:__,displacementmap_vertex:x_,emissivemap_fragment:y_,emissivemap_pars_fragment:v_,colorspace_fragment:S_,colorspace_pars_fragment:b_,envmap_fragment:M_,envmap_common_pars_fragment:w_,envmap_pars_fragment:T_,envmap_pars_vertex:E_,envmap_physical_pars_fragment:O_,envmap_vertex:A_,fog_vertex:C_,fog_pars_vertex:R_,fog_fragment:P_,fog_pars_fragment:I_,gradientmap_pars_fragment:L_,lightmap_pars_fragment:D_,lights_lambert_fragment:N_,lights_lambert_pars_fragment:U_,lights_pars_begin:F_,lights_toon_fragment:B_,lights_toon_pars_fragment:k_,lights_phong_fragment:z_,lights_phong_pars_fragment:V_,lights_physical_fragment:H_,lights_physical_pars_fragment:G_,lights_fragment_begin:W_,lights_fragment_maps:q_,lights_fragment_end:X_,lightprobes_pars_fragment:Y_,logdepthbuf_fragment:$_,logdepthbuf_pars_fragment:Z_,logdepthbuf_pars_vertex:J_,logdepthbuf_vertex:K_,map_fragment:j_,map_pars_fragment:Q_,map_particle_fragment:t0,map_particle_pars_fragment:e0,metalnessmap_fragment:n0,metalnessmap_pars_fragment:i0,morphinstance_vertex:s0,morphcolor_vertex:r0,morphnormal_vertex:o0,morphtarget_pars_vertex:a0,morphtarget_vertex:l0,normal_fragment_begin:c0,normal_fragment_maps:h0,normal_pars_fragment:u0,normal_pars_vertex:d0,normal_vertex:f0,normalmap_pars_fragment:p0,clearcoat_normal_fragment_begin:m0,clearcoat_normal_fragment_maps:g0,clearcoat_pars_fragment:_0,iridescence_pars_fragment:x0,opaque_fragment:y0,packing:v0,premultiplied_alpha_fragment:S0,project_vertex:b0,dithering_fragment:M0,dithering_pars_fragment:w0,roughnessmap_fragment:T0,roughnessmap_pars_fragment:E0,shadowmap_pars_fragment:A0,shadowmap_pars_vertex:C0,shadowmap_vertex:R0,shadowmask_pars_fragment:P0,skinbase_vertex:I0,skinning_pars_vertex:L0,skinning_vertex:D0,skinnormal_vertex:N0,specularmap_fragment:U0,specularmap_pars_fragment:F0,tonemapping_fragment:O0,tonemapping_pars_fragment:B0,transmission_fragment:k0,transmission_pars_fragment:z0,uv_pars_fragment:V0,uv_pars_vertex:H0,uv_vertex:G0,worldpos_vertex:W0,background_vert:q0,background_frag:X0,backgroundCube_vert:Y0,backgroundCube_frag:$0,cube_vert:Z0,cube_frag:J0,depth_vert:K0,depth_frag:j0,distance_vert:Q0,distance_frag:tx,equirect_vert:ex,equirect_frag:nx,linedashed_vert:ix,linedashed_frag:sx,meshbasic_vert:rx,meshbasic_frag:ox,meshlambert_vert:ax,meshlambert_frag:lx,meshmatcap_vert:cx,meshmatcap_frag:hx,meshnormal_vert:ux,meshnormal_frag:dx,meshphong_vert:fx,meshphong_frag:px,meshphysical_vert:mx,meshphysical_frag:gx,meshtoon_vert:_x,meshtoon_frag:xx,points_vert:yx,points_frag:vx,shadow_vert:Sx,shadow_frag:bx,sprite_vert:Mx,sprite_frag:wx},vt={common:{diffuse:{value:new qt(16777215)},opacity:{value:1},map:{value:null},mapTransform:{value:new Vt},alphaMap:{value:null},alphaMapTransform:{value:new Vt},alphaTest:{value:0}},specularmap:{specularMap:{value:null},specularMapTransform:{value:new Vt}},envmap:{envMap:{value:null},envMapRotation:{value:new Vt},reflectivity:{value:1},ior:{value:1.5},refractionRatio:{value:.98},dfgLUT:{value:null}},aomap:{aoMap:{value:null},aoMapIntensity:{value:1},aoMapTransform:{value:new Vt}},lightmap:{lightMap:{value:null},lightMapIntensity:{value:1},lightMapTransform:{value:new Vt}},bumpmap:{bumpMap:{value:null},bumpMapTransform:{value:new Vt},bumpScale:{value:1}},normalmap:{normalMap:{value:null},normalMapTransform:{value:new Vt},normalScale:{value:new ut(1,1)}},displacementmap:{displacementMap:{value:null},displacementMapTransform:{value:new Vt},displacementScale:{value:1},displacementBias:{value:0}},emissivemap:{emissiveMap:{value:null},emissiveMapTransform:{value:new Vt}},metalnessmap:{metalnessMap:{value:null},metalnessMapTransform:{value:new Vt}},roughnessmap:{roughnessMap:{value:null},roughnessMapTransform:{value:new Vt}},gradientmap:{gradientMap:{value:null}},fog:{fogDensity:{value:25e-5},fogNear:{value:1},fogFar:{value:2e3},fogColor:{value:new qt(16777215)}},lights:{ambientLightColor:{value:[]},lightProbe:{value:[]},sunLights:{value:[],properties:{direction:{},color:{}}},sunLightShadows:{value:[],properties:{shadowIntensity:1,shadowBias:{},shadowNormalBias:{},shadowRadius:{},shadowMapSize:{}}},sunShadowMatrix:{value:[]},sunShadowCascade:{value:[]},directionalLights:{value:[],properties:{direction:{},color:{}}},directionalLightShadows:{value:[],properties:{shadowIntensity:1,shadowBias:{},shadowNormalBias:{},shadowRadius:{},shadowMapSize:{}}},directionalShadowMatrix:{value:[]},spotLights:{value:[],properties:{color:{},position:{},direction:{},distance:{},coneCos:{},penumbraCos:{},decay:{}}},spotLightShadows:{value:[],properties:{shadowIntensity:1,shadowBias:{},shadowNormalBias:{},shadowRadius:{},shadowMapSize:{}}},spotLightMap:{value:[]},spotLightMatrix:{value:[]},pointLights:{value:[],properties:{color:{},position:{},decay:{},distance:{}}},pointLightShadows:{value:[],properties:{shadowIntensity:1,shadowBias:{},shadowNormalBias:{},shadowRadius:{},shadowMapSize:{},shadowCameraNear:{},shadowCameraFar:{}}},pointShadowMatrix:{value:[]},hemisphereLights:{value:[],properties:{direction:{},skyColor:{},groundColor:{}}},rectAreaLights:{value:[],properties:{color:{},position:{},width:{},height:{}}},ltc_1:{value:null},ltc_2:{value:null},probesSH:{value:[]},probesMin:{value:[]},probesMax:{value:[]},probesResolution:{value:[]}},points:{diffuse:{value:new qt(16777215)},opacity:{value:1},size:{value:1},scale:{value:1},map:{value:null},alphaMap:{value:null},alphaMapTransform:{value:new Vt},alphaTest:{value:0},uvTransform:{value:new Vt}},sprite:{diffuse:{value:new qt(16777215)},opacity:{value:1},center:{value:new ut(.5,.5)},rotation:{value:0},map:{value:null},mapTransform:{value:new Vt},alphaMap:{value:null},alphaMapTransform:{value:new Vt},alphaTest:{value:0}}},Qn={basic:{uniforms:sn([vt.common,vt.specularmap,vt.envmap,vt.aomap,vt.lightmap,vt.fog]),vertexShader:$t.meshbasic_vert,fragmentShader:$t.meshbasic_frag},lambert:{uniforms:sn([vt.common,vt.specularmap,vt.envmap,vt.aomap,vt.lightmap,vt.emissivemap,vt.bumpmap,vt.normalmap,vt.displacementmap,vt.fog,vt.lights,{emissive:{value:new qt(0)},envMapIntensity:{value:1}}]),vertexShader:$t.meshlambert_vert,fragmentShader:$t.meshlambert_frag},phong:{uniforms:sn([vt.common,vt.specularmap,vt.envmap,vt.aomap,vt.lightmap,vt.emissivemap,vt.bumpmap,vt.normalmap,vt.displacementmap,vt.fog,vt.lights,{emissive:{value:new qt(0)},specular:{value:new qt(1118481)},shininess:{value:30},envMapIntensity:{value:1}}]),vertexShader:$t.meshphong_vert,fragmentShader:$t.meshphong_frag},standard:{uniforms:sn([vt.common,vt.envmap,vt.aomap,vt.lightmap,vt.emissivemap,vt.bumpmap,vt.normalmap,vt.displacementmap,vt.roughnessmap,vt.metalnessmap,vt.fog,vt.lights,{emissive:{value:new qt(0)},roughness:{value:1},metalness:{value:0},envMapIntensity:{value:1}}]),vertexShader:$t.meshphysical_vert,fragmentShader:$t.meshphysical_frag},toon:{uniforms:sn([vt.common,vt.aomap,vt.lightmap,vt.emissivemap,vt.bumpmap,vt.normalmap,vt.displacementmap,vt.gradientmap,vt.fog,vt.lights,{emissive:{value:new qt(0)}}]),vertexShader:$t.meshtoon_vert,fragmentShader:$t.meshtoon_frag},matcap:{uniforms:sn([vt.common,vt.bumpmap,vt.normalmap,vt.displacementmap,vt.fog,{matcap:{value:null}}]),vertexShader:$t.meshmatcap_vert,fragmentShader:$t.meshmatcap_frag},points:{uniforms:sn([vt.points,vt.fog]),vertexShader:$t.points_vert,fragmentShader:$t.points_frag},dashed:{uniforms:sn([vt.common,vt.fog,{scale:{value:1},dashSize:{value:1},totalSize:{value:2}}]),vertexShader:$t.linedashed_vert,fragmentShader:$t.linedashed_frag},depth:{uniforms:sn([vt.common,vt.displacementmap]),vertexShader:$t.depth_vert,fragmentShader:$t.depth_frag},normal:{uniforms:sn([vt.common,vt.bumpmap,vt.normalmap,vt.displacementmap,{opacity:{value:1}}]),vertexShader:$t.meshnormal_vert,fragmentShader:$t.meshnormal_frag},sprite:{uniforms:sn([vt.sprite,vt.fog]),vertexShader:$t.sprite_vert,fragmentShader:$t.sprite_frag},background:{uniforms:{uvTransform:{value:new Vt},t2D:{value:null},backgroundIntensity:{value:1}},vertexShader:$t.background_vert,fragmentShader:$t.background_frag},backgroundCube:{uniforms:{envMap:{value:null},backgroundBlurriness:{value:0},backgroundIntensity:{value:1},backgroundRotation:{value:new Vt}},vertexShader:$t.backgroundCube_vert,fragmentShader:$t.backgroundCube_frag},cube:{uniforms:{tCube:{value:null},tFlip:{value:-1},opacity:{value:1}},vertexShader:$t.cube_vert,fragmentShader:$t.cube_frag},equirect:{uniforms:{tEquirect:{value:null}},vertexShader:$t.equirect_vert,fragmentShader:$t.equirect_frag},distance:{uniforms:sn([vt.common,vt.displacementmap,{referencePosition:{value:new P},nearDistance:{value:1},farDistance:{value:1e3}}]),vertexShader:$t.distance_vert,fragmentShader:$t.distance_frag},shadow:{uniforms:sn([vt.lights,vt.fog,{color:{value:new qt(0)},opacity:{value:1}}]),vertexShader:$t.shadow_vert,fragmentShader:$t.shadow_frag}};Qn.physical={uniforms:sn([Qn.standard.uniforms,{clearcoat:{value:0},clearcoatMap:{value:null},clearcoatMapTransform:{value:new Vt},clearcoatNormalMap:{value:null},clearcoatNormalMapTransform:{value:new Vt},clearcoatNormalScale:{value:new ut(1,1)},clearcoatRoughness:{value:0},clearcoatRoughnessMap:{value:null},clearcoatRoughnessMapTransform:{value:new Vt},diffuseRoughness:{value:0},diffuseRoughnessMap:{value:null},diffuseRoughnessMapTransform:{value:new Vt},dispersion:{value:0},retroreflectivity:{value:0},iridescence:{value:0},iridescenceMap:{value:null},iridescenceMapTransform:{value:new Vt},iridescenceIOR:{value:1.3},iridescenceThicknessMinimum:{value:100},iridescenceThicknessMaximum:{value:400},iridescenceThicknessMap:{value:null},iridescenceThicknessMapTransform:{value:new Vt},sheen:{value:0},sheenColor:{value:new qt(0)},sheenColorMap:{value:null},sheenColorMapTransform:{value:new Vt},sheenRoughness:{value:1},sheenRoughnessMap:{value:null},sheenRoughnessMapTransform:{value:new Vt},transmission:{value:0},transmissionMap:{value:null},transmissionMapTransform:{value:new Vt},transmissionSamplerSize:{value:new ut},transmissionSamplerMap:{value:null},thickness:{value:0},thicknessMap:{value:null},thicknessMapTransform:{value:new Vt},attenuationDistance:{value:0},attenuationColor:{value:new qt(0)},specularColor:{value:new qt(1,1,1)},specularColorMap:{value:null},specularColorMapTransform:{value:new Vt},specularIntensity:{value:1},specularIntensityMap:{value:null},specularIntensityMapTransform:{value:new Vt},anisotropyVector:{value:new ut},anisotropyMap:{value:null},anisotropyMapTransform:{value:new Vt}}]),vertexShader:$t.meshphysical_vert,fragmentShader:$t.meshphysical_frag};Sl={r:0,b:0,g:0},Tx=new kt,Of=new Vt;Of.set(-1,0,0,0,1,0,0,0,1);so=class extends Tn{constructor(t=1,e={}){super(t,t,e),this.isWebGLCubeRenderTarget=!0;let i={width:t,height:t,depth:1},n=[i,i,i,i,i,i];this.texture=new Ir(n),this._setTextureOptions(e),this.texture.isRenderTargetTexture=!0}fromEquirectangularTexture(t,e){this.texture.type=e.type,this.texture.colorSpace=e.colorSpace,this.texture.generateMipmaps=e.generateMipmaps,this.texture.minFilter=e.minFilter,this.texture.magFilter=e.magFilter;let i={uniforms:{tEquirect:{value:null}},vertexShader:`

				varying vec3 vWorldDirection;

				vec3 transformDirection( in vec3 dir, in mat4 matrix ) {

					return normalize( ( matrix * vec4( dir, 0.0 ) ).xyz );

				}

				void main() {

					vWorldDirection = transformDirection( position, modelMatrix );

					#include <begin_vertex>
					#include <project_vertex>

				}
			`,fragmentShader:`

				uniform sampler2D tEquirect;

				varying vec3 vWorldDirection;

				#include <common>

				void main() {

					vec3 direction = normalize( vWorldDirection );

					vec2 sampleUV = equirectUv( direction );

					gl_FragColor = texture2D( tEquirect, sampleUV );

				}
			`},n=new Ds(5,5,5),r=new Jn({name:"CubemapFromEquirect",uniforms:is(i.uniforms),vertexShader:i.vertexShader,fragmentShader:i.fragmentShader,side:Ye,blending:Qi});r.uniforms.tEquirect.value=e;let o=new Ee(n,r),a=e.minFilter;return e.minFilter===pi&&(e.minFilter=un),new Fs(1,10,this).update(t,o),e.minFilter=a,o.geometry.dispose(),o.material.dispose(),this}clear(t,e=!0,i=!0,n=!0){let r=t.getRenderTarget();for(let o=0;o<6;o++)t.setRenderTarget(this,o),t.clear(e,i,n);t.setRenderTarget(r)}},mf=256,Ix=3,Lx=20,Bf=256,kf=16,Dx=3,Nx=new P,Ux=new qt,Ml=class s{constructor(t){this._renderer=t,this._cubeSize=0,this._sourceTarget=null,this._cubeCamera=new Fs(1,10,null),this._boxMesh=new Ee(new Ds(5,5,5),null),this._cubemapMaterial=null,this._equirectMaterial=null,this._blurMaterial=null,this._ggxMaterial=null,this._integrationMaterial=null}fromScene(t,e=0,i=.1,n=100,r={}){let{size:o=256,position:a=Nx}=r,l=this._renderer;this._setSize(o);let c=this._allocateTarget(),h=this._getSourceTarget(!0);e>0&&(h.texture.mipmapsAutoUpdate=!1);let u=l.autoClear,d=l.autoClearColor,f=l.autoClearDepth,m=l.autoClearStencil,y=t.background;l.autoClear=!0,l.autoClearColor=!0,l.autoClearDepth=!0,l.autoClearStencil=!0,y===null&&(t.background=l.getClearColor(Ux));let p=new Fs(i,n,h);return p.position.copy(a),p.update(l,t),l.autoClear=u,l.autoClearColor=d,l.autoClearDepth=f,l.autoClearStencil=m,t.background=y,e>0&&(h.texture.mipmapsAutoUpdate=!0,this._blur(c,e)),this._applyPMREM(c),c}fromEquirectangular(t,e=null){return this._fromTexture(t,e)}fromCubemap(t,e=null){return this._fromTexture(t,e)}compileCubemapShader(){this._cubemapMaterial===null&&(this._cubemapMaterial=xf(),this._compileMaterial(this._cubemapMaterial))}compileEquirectangularShader(){this._equirectMaterial===null&&(this._equirectMaterial=_f(),this._compileMaterial(this._equirectMaterial))}dispose(){this._sourceTarget!==null&&this._sourceTarget.dispose(),this._cubemapMaterial!==null&&this._cubemapMaterial.dispose(),this._equirectMaterial!==null&&this._equirectMaterial.dispose(),this._blurMaterial!==null&&this._blurMaterial.dispose(),this._ggxMaterial!==null&&this._ggxMaterial.dispose(),this._integrationMaterial!==null&&this._integrationMaterial.dispose(),this._boxMesh.geometry.dispose()}static lodToRoughness(t,e){return e>0?1-Math.sqrt(1-t/e):0}_setSize(t){this._cubeSize=Math.max(mf,Mh(t))}_fromTexture(t,e){t.mapping===es||t.mapping===zs?this._setSize(t.image.length===0?mf:t.image[0].width||t.image[0].image.width):this._setSize(t.image.width/4);let i=e||this._allocateTarget();return this._textureToCubemap(t),this._applyPMREM(i),i}_allocateTarget(){let t=this._cubeSize,e=gf(t,!1,!1),i=Math.log2(t)-Ix;for(let n=0;n<=i;n++)e.texture.mipmaps.push({width:t>>n,height:t>>n});return e.texture.name="PMREM",e.texture.isPMREMTexture=!0,e}_getSourceTarget(t=!1){let e=this._cubeSize,i=this._sourceTarget;return(i===null||i.width!==e||t&&i.depthBuffer===!1)&&(i!==null&&i.dispose(),this._sourceTarget=gf(e,!0,t)),this._sourceTarget}_compileMaterial(t){this._boxMesh.material=t,this._renderer.compile(this._boxMesh,this._cubeCamera.children[0])}_renderCube(t,e,i){let n=this._boxMesh,r=this._cubeCamera;n.material=i,r.renderTarget=t,r.activeMipmapLevel=e;let o=t.width>>e;t.viewport.set(0,0,o,o),r.update(this._renderer,n),t.viewport.set(0,0,t.width,t.height)}_textureToCubemap(t){let e;t.mapping===es||t.mapping===zs?(this._cubemapMaterial===null&&(this._cubemapMaterial=xf()),e=this._cubemapMaterial,e.uniforms.flipEnvMap.value=t.isRenderTargetTexture===!1?-1:1):(this._equirectMaterial===null&&(this._equirectMaterial=_f()),e=this._equirectMaterial),e.uniforms.envMap.value=t,this._renderCube(this._getSourceTarget(),0,e)}_applyPMREM(t){this._ggxMaterial===null&&(this._ggxMaterial=Fx(),this._integrationMaterial=Ox());let e=this._cubeSize,i=t.texture.mipmaps.length-1,n=this._ggxMaterial.uniforms;n.envMap.value=this._sourceTarget.texture;let r=this._integrationMaterial.uniforms;r.envMap.value=this._sourceTarget.texture,r.sourceLod.value=Math.log2(e/kf);for(let o=0;o<=i;o++){let a=s.lodToRoughness(o,i);if(o>i-Dx)r.roughness.value=a,this._renderCube(t,o,this._integrationMaterial);else{let l=a>0?Math.log2(e)+.5*Math.log2(6/(Bf*Math.pow(a,4)))+.5:0;n.roughness.value=a,n.lodBias.value=l,this._renderCube(t,o,this._ggxMaterial)}}}_blur(t,e){this._blurMaterial===null&&(this._blurMaterial=Bx());let i=this._blurMaterial,n=i.uniforms,r=this._sourceTarget;n.sigma.value=Math.min(e,Math.PI)/Math.SQRT2,n.envMap.value=r.texture,this._renderCube(t,0,i),n.envMap.value=t.texture,this._renderCube(r,0,i)}};Xx={[nh]:"LINEAR_TONE_MAPPING",[ih]:"REINHARD_TONE_MAPPING",[sh]:"CINEON_TONE_MAPPING",[rh]:"ACES_FILMIC_TONE_MAPPING",[ah]:"AGX_TONE_MAPPING",[lh]:"NEUTRAL_TONE_MAPPING",[oh]:"CUSTOM_TONE_MAPPING"};zf=new gn,Vf=new fi(1,1),Hf=new Lr(1),Gf=new Tr,Wf=new ca,qf=new Ir,yf=[],vf=[],Sf=new Float32Array(16),bf=new Float32Array(9),Mf=new Float32Array(4);Nh=class{constructor(t,e,i){this.id=t,this.addr=i,this.cache=[],this.type=e.type,this.setValue=fy(e.type)}},Uh=class{constructor(t,e,i){this.id=t,this.addr=i,this.cache=[],this.type=e.type,this.size=e.size,this.setValue=Dy(e.type)}},Fh=class{constructor(t){this.id=t,this.seq=[],this.map={}}setValue(t,e,i){let n=this.seq;for(let r=0,o=n.length;r!==o;++r){let a=n[r];a.setValue(t,e[a.id],i)}}},Lh=/(\w+)(\])?(\[|\.)?/g;Gs=class{constructor(t,e){this.seq=[],this.map={};let i=t.getProgramParameter(e,t.ACTIVE_UNIFORMS);for(let o=0;o<i;++o){let a=t.getActiveUniform(e,o),l=t.getUniformLocation(e,a.name);Ny(a,l,this)}let n=[],r=[];for(let o of this.seq)o.type===t.SAMPLER_2D_SHADOW||o.type===t.SAMPLER_CUBE_SHADOW||o.type===t.SAMPLER_2D_ARRAY_SHADOW?n.push(o):r.push(o);n.length>0&&(this.seq=n.concat(r))}setValue(t,e,i,n){let r=this.map[e];r!==void 0&&r.setValue(t,i,n)}setOptional(t,e,i){let n=e[i];n!==void 0&&this.setValue(t,i,n)}static upload(t,e,i,n){for(let r=0,o=e.length;r!==o;++r){let a=e[r],l=i[a.id];l.needsUpdate!==!1&&a.setValue(t,l.value,n)}}static seqWithValue(t,e){let i=[];for(let n=0,r=t.length;n!==r;++n){let o=t[n];o.id in e&&i.push(o)}return i}};Uy=37297,Fy=0;Ef=new Vt;zy={[nh]:"Linear",[ih]:"Reinhard",[sh]:"Cineon",[rh]:"ACESFilmic",[ah]:"AgX",[lh]:"Neutral",[oh]:"Custom"};bl=new P;Xy=/^[ \t]*#include +<([\w\d./]+)>/gm;$y=/#pragma unroll_loop_start\s+for\s*\(\s*int\s+i\s*=\s*(\d+)\s*;\s*i\s*<\s*(\d+)\s*;\s*i\s*\+\+\s*\)\s*{([\s\S]+?)}\s+#pragma unroll_loop_end/g;Jy={[Yr]:"SHADOWMAP_TYPE_PCF",[Bs]:"SHADOWMAP_TYPE_VSM"};jy={[zs]:"ENVMAP_MODE_REFRACTION"};tv={[Ua]:"ENVMAP_BLENDING_MULTIPLY",[Xd]:"ENVMAP_BLENDING_MIX",[Yd]:"ENVMAP_BLENDING_ADD"};iv=0,Bh=class{constructor(){this.shaderCache=new Map,this.materialCache=new Map}update(t,e,i){let n=this._getShaderCacheForMaterial(t);return n.has(e)===!1&&(n.add(e),e.usedTimes++),n.has(i)===!1&&(n.add(i),i.usedTimes++),this}remove(t){let e=this.materialCache.get(t);for(let i of e)i.usedTimes--,i.usedTimes===0&&this.shaderCache.delete(i.code);return this.materialCache.delete(t),this}getVertexShaderStage(t){return this._getShaderStage(t.vertexShader)}getFragmentShaderStage(t){return this._getShaderStage(t.fragmentShader)}dispose(){this.shaderCache.clear(),this.materialCache.clear()}_getShaderCacheForMaterial(t){let e=this.materialCache,i=e.get(t);return i===void 0&&(i=new Set,e.set(t,i)),i}_getShaderStage(t){let e=this.shaderCache,i=e.get(t);return i===void 0&&(i=new kh(t),e.set(t,i)),i}},kh=class{constructor(t){this.id=iv++,this.code=t,this.usedTimes=0}};uv=0;mv=`void main() {
	gl_Position = vec4( position, 1.0 );
}`,gv=`uniform sampler2D shadow_pass;
uniform vec2 resolution;
uniform float radius;
void main() {
	const float samples = float( VSM_SAMPLES );
	float mean = 0.0;
	float squared_mean = 0.0;
	float uvStride = samples <= 1.0 ? 0.0 : 2.0 / ( samples - 1.0 );
	float uvStart = samples <= 1.0 ? 0.0 : - 1.0;
	for ( float i = 0.0; i < samples; i ++ ) {
		float uvOffset = uvStart + i * uvStride;
		#ifdef HORIZONTAL_PASS
			vec2 distribution = texture2D( shadow_pass, ( gl_FragCoord.xy + vec2( uvOffset, 0.0 ) * radius ) / resolution ).rg;
			mean += distribution.x;
			squared_mean += distribution.y * distribution.y + distribution.x * distribution.x;
		#else
			float depth = texture2D( shadow_pass, ( gl_FragCoord.xy + vec2( 0.0, uvOffset ) * radius ) / resolution ).r;
			mean += depth;
			squared_mean += depth * depth;
		#endif
	}
	mean = mean / samples;
	squared_mean = squared_mean / samples;
	float std_dev = sqrt( max( 0.0, squared_mean - mean * mean ) );
	gl_FragColor = vec4( mean, std_dev, 0.0, 1.0 );
}`,_v=[new P(1,0,0),new P(-1,0,0),new P(0,1,0),new P(0,-1,0),new P(0,0,1),new P(0,0,-1)],xv=[new P(0,-1,0),new P(0,-1,0),new P(0,0,1),new P(0,0,-1),new P(0,-1,0),new P(0,-1,0)],Uf=new kt,no=new P,Dh=new P;Mv=`
void main() {

	gl_Position = vec4( position, 1.0 );

}`,wv=`
uniform sampler2DArray depthColor;
uniform float depthWidth;
uniform float depthHeight;

void main() {

	vec2 coord = vec2( gl_FragCoord.x / depthWidth, gl_FragCoord.y / depthHeight );

	if ( coord.x >= 1.0 ) {

		gl_FragDepth = texture( depthColor, vec3( coord.x - 1.0, coord.y, 1 ) ).r;

	} else {

		gl_FragDepth = texture( depthColor, vec3( coord.x, coord.y, 0 ) ).r;

	}

}`,zh=class{constructor(){this.texture=null,this.mesh=null,this.depthNear=0,this.depthFar=0}init(t,e){if(this.texture===null){let i=new Dr(t.texture);(t.depthNear!==e.depthNear||t.depthFar!==e.depthFar)&&(this.depthNear=t.depthNear,this.depthFar=t.depthFar),this.texture=i}}getMesh(t){if(this.texture!==null&&this.mesh===null){let e=t.cameras[0].viewport,i=new Jn({vertexShader:Mv,fragmentShader:wv,uniforms:{depthColor:{value:this.texture},depthWidth:{value:e.z},depthHeight:{value:e.w}}});this.mesh=new Ee(new Or(20,20),i)}return this.mesh}reset(){this.texture=null,this.mesh=null}getDepthTexture(){return this.texture}},Vh=class extends zn{constructor(t,e){super();let i=this,n=null,r=1,o=null,a="local-floor",l=1,c=null,h=null,u=null,d=null,f=null,m=null,y=typeof XRWebGLBinding<"u",p=new zh,g={},x=e.getContextAttributes(),S=null,v=null,M=[],w=[],_=new ut,b=null,C=null,A=new cn;A.viewport=new ve;let I=new cn;I.viewport=new ve;let R=[A,I],F=new Na,L=null,k=null;this.cameraAutoUpdate=!0,this.enabled=!1,this.isPresenting=!1,this.getController=function(J){let at=M[J];return at===void 0&&(at=new Ps,M[J]=at),at.getTargetRaySpace()},this.getControllerGrip=function(J){let at=M[J];return at===void 0&&(at=new Ps,M[J]=at),at.getGripSpace()},this.getHand=function(J){let at=M[J];return at===void 0&&(at=new Ps,M[J]=at),at.getHandSpace()};function z(J){let at=w.indexOf(J.inputSource);if(at===-1)return;let bt=M[at];bt!==void 0&&(bt.update(J.inputSource,J.frame,c||o),bt.dispatchEvent({type:J.type,data:J.inputSource}))}function G(){n.removeEventListener("select",z),n.removeEventListener("selectstart",z),n.removeEventListener("selectend",z),n.removeEventListener("squeeze",z),n.removeEventListener("squeezestart",z),n.removeEventListener("squeezeend",z),n.removeEventListener("end",G),n.removeEventListener("inputsourceschange",it);for(let J=0;J<M.length;J++){let at=w[J];at!==null&&(w[J]=null,M[J].disconnect(at))}L=null,k=null,p.reset();for(let J in g)delete g[J];if(t.setRenderTarget(S),f=null,d=null,u=null,n=null,v=null,Dt.stop(),i.isPresenting=!1,t.setPixelRatio(b),t.setSize(_.width,_.height,!1),C!==null){let J=C.camera;J.fov=C.fov,J.zoom=C.zoom,J.updateProjectionMatrix(),C=null}i.dispatchEvent({type:"sessionend"})}this.setFramebufferScaleFactor=function(J){r=J,i.isPresenting===!0&&Nt("WebXRManager: Cannot change framebuffer scale while presenting.")},this.setReferenceSpaceType=function(J){a=J,i.isPresenting===!0&&Nt("WebXRManager: Cannot change reference space type while presenting.")},this.getReferenceSpace=function(){return c||o},this.setReferenceSpace=function(J){c=J},this.getBaseLayer=function(){return d!==null?d:f},this.getBinding=function(){return u===null&&y&&(u=new XRWebGLBinding(n,e)),u},this.getFrame=function(){return m},this.getSession=function(){return n},this.setSession=async function(J){if(n=J,n!==null){if(S=t.getRenderTarget(),n.addEventListener("select",z),n.addEventListener("selectstart",z),n.addEventListener("selectend",z),n.addEventListener("squeeze",z),n.addEventListener("squeezestart",z),n.addEventListener("squeezeend",z),n.addEventListener("end",G),n.addEventListener("inputsourceschange",it),x.xrCompatible!==!0&&await e.makeXRCompatible(),b=t.getPixelRatio(),t.getSize(_),y&&"createProjectionLayer"in XRWebGLBinding.prototype){let bt=null,Rt=null,_t=null;x.depth&&(_t=x.stencil?e.DEPTH24_STENCIL8:e.DEPTH_COMPONENT24,bt=x.stencil?mi:ci,Rt=x.stencil?ns:Nn);let Ft={colorFormat:e.RGBA8,depthFormat:_t,scaleFactor:r};u=this.getBinding(),d=u.createProjectionLayer(Ft),n.updateRenderState({layers:[d]}),t.setPixelRatio(1),t.setSize(d.textureWidth,d.textureHeight,!1),v=new Tn(d.textureWidth,d.textureHeight,{format:wn,type:_n,depthTexture:new fi(d.textureWidth,d.textureHeight,Rt,void 0,void 0,void 0,void 0,void 0,void 0,bt),stencilBuffer:x.stencil,colorSpace:t.outputColorSpace,samples:x.antialias?4:0,resolveDepthBuffer:d.ignoreDepthValues===!1,resolveStencilBuffer:d.ignoreDepthValues===!1,storeMultisampledDepthBuffer:d.ignoreDepthValues===!1,storeMultisampledStencilBuffer:d.ignoreDepthValues===!1})}else{let bt={antialias:x.antialias,alpha:!0,depth:x.depth,stencil:x.stencil,framebufferScaleFactor:r};f=new XRWebGLLayer(n,e,bt),n.updateRenderState({baseLayer:f}),t.setPixelRatio(1),t.setSize(f.framebufferWidth,f.framebufferHeight,!1),v=new Tn(f.framebufferWidth,f.framebufferHeight,{format:wn,type:_n,colorSpace:t.outputColorSpace,stencilBuffer:x.stencil,resolveDepthBuffer:f.ignoreDepthValues===!1,resolveStencilBuffer:f.ignoreDepthValues===!1,storeMultisampledDepthBuffer:f.ignoreDepthValues===!1,storeMultisampledStencilBuffer:f.ignoreDepthValues===!1})}v.isXRRenderTarget=!0,this.setFoveation(l),c=null,o=await n.requestReferenceSpace(a),Dt.setContext(n),Dt.start(),i.isPresenting=!0,i.dispatchEvent({type:"sessionstart"})}},this.getEnvironmentBlendMode=function(){if(n!==null)return n.environmentBlendMode},this.getDepthTexture=function(){return p.getDepthTexture()};function it(J){for(let at=0;at<J.removed.length;at++){let bt=J.removed[at],Rt=w.indexOf(bt);Rt>=0&&(w[Rt]=null,M[Rt].disconnect(bt))}for(let at=0;at<J.added.length;at++){let bt=J.added[at],Rt=w.indexOf(bt);if(Rt===-1){for(let Ft=0;Ft<M.length;Ft++)if(Ft>=w.length){w.push(bt),Rt=Ft;break}else if(w[Ft]===null){w[Ft]=bt,Rt=Ft;break}if(Rt===-1)break}let _t=M[Rt];_t&&_t.connect(bt)}}function Y(J,at){at===null?J.matrixWorld.copy(J.matrix):J.matrixWorld.multiplyMatrices(at.matrixWorld,J.matrix),J.matrixWorldInverse.copy(J.matrixWorld).invert()}this.updateCamera=function(J){if(n===null)return;let at=J.near,bt=J.far;p.texture!==null&&(p.depthNear>0&&(at=p.depthNear),p.depthFar>0&&(bt=p.depthFar)),F.near=I.near=A.near=at,F.far=I.far=A.far=bt,(L!==F.near||k!==F.far)&&(n.updateRenderState({depthNear:F.near,depthFar:F.far}),L=F.near,k=F.far),F.layers.mask=J.layers.mask|6,A.layers.mask=F.layers.mask&-5,I.layers.mask=F.layers.mask&-3;let Rt=J.parent,_t=F.cameras;Y(F,Rt);for(let Ft=0;Ft<_t.length;Ft++)Y(_t[Ft],Rt);F.projectionMatrix.copy(A.projectionMatrix),F.projectionMatrixInverse.copy(A.projectionMatrixInverse),C===null&&J.isPerspectiveCamera&&(C={camera:J,fov:J.fov,zoom:J.zoom}),tt(J,F,Rt)};function tt(J,at,bt){bt===null?J.matrix.copy(at.matrixWorld):(J.matrix.copy(bt.matrixWorld),J.matrix.invert(),J.matrix.multiply(at.matrixWorld)),J.matrix.decompose(J.position,J.quaternion,J.scale),J.updateMatrixWorld(!0),J.projectionMatrix.copy(at.projectionMatrix),J.projectionMatrixInverse.copy(at.projectionMatrixInverse),J.isPerspectiveCamera&&(J.fov=As*2*Math.atan(1/J.projectionMatrix.elements[5]),J.zoom=1)}this.getCamera=function(){return F},this.getFoveation=function(){if(!(d===null&&f===null))return l},this.setFoveation=function(J){l=J,d!==null&&(d.fixedFoveation=J),f!==null&&f.fixedFoveation!==void 0&&(f.fixedFoveation=J)},this.hasDepthSensing=function(){return p.texture!==null},this.getDepthSensingMesh=function(){return p.getMesh(F)},this.getCameraTexture=function(J){return g[J]};let nt=null;function xt(J,at){if(h=at.getViewerPose(c||o),m=at,h!==null){let bt=h.views;f!==null&&(t.setRenderTargetFramebuffer(v,f.framebuffer),t.setRenderTarget(v));let Rt=!1;bt.length!==F.cameras.length&&(F.cameras.length=0,Rt=!0);for(let Ct=0;Ct<bt.length;Ct++){let Zt=bt[Ct],ee=null;if(f!==null)ee=f.getViewport(Zt);else{let Ie=u.getViewSubImage(d,Zt);ee=Ie.viewport,Ct===0&&(t.setRenderTargetTextures(v,Ie.colorTexture,Ie.depthStencilTexture),t.setRenderTarget(v))}let Gt=R[Ct];Gt===void 0&&(Gt=new cn,Gt.layers.enable(Ct),Gt.viewport=new ve,R[Ct]=Gt),Gt.matrix.fromArray(Zt.transform.matrix),Gt.matrix.decompose(Gt.position,Gt.quaternion,Gt.scale),Gt.projectionMatrix.fromArray(Zt.projectionMatrix),Gt.projectionMatrixInverse.copy(Gt.projectionMatrix).invert(),Gt.viewport.set(ee.x,ee.y,ee.width,ee.height),Ct===0&&(F.matrix.copy(Gt.matrix),F.matrix.decompose(F.position,F.quaternion,F.scale)),Rt===!0&&F.cameras.push(Gt)}let _t=n.enabledFeatures;if(_t&&_t.includes("depth-sensing")&&n.depthUsage=="gpu-optimized"&&y){u=i.getBinding();let Ct=u.getDepthInformation(bt[0]);Ct&&Ct.isValid&&Ct.texture&&p.init(Ct,n.renderState)}if(_t&&_t.includes("camera-access")&&y){t.state.unbindTexture(),u=i.getBinding();for(let Ct=0;Ct<bt.length;Ct++){let Zt=bt[Ct].camera;if(Zt){let ee=g[Zt];ee||(ee=new Dr,g[Zt]=ee);let Gt=u.getCameraImage(Zt);ee.sourceTexture=Gt}}}}for(let bt=0;bt<M.length;bt++){let Rt=w[bt],_t=M[bt];Rt!==null&&_t!==void 0&&_t.update(Rt,at,c||o)}nt&&nt(J,at),at.detectedPlanes&&i.dispatchEvent({type:"planesdetected",data:at}),m=null}let Dt=new Ff;Dt.setAnimationLoop(xt),this.setAnimationLoop=function(J){nt=J},this.dispose=function(){}}},Tv=new kt,Xf=new Vt;Xf.set(-1,0,0,0,1,0,0,0,1);Cv=new Uint16Array([12469,15057,12620,14925,13266,14620,13807,14376,14323,13990,14545,13625,14713,13328,14840,12882,14931,12528,14996,12233,15039,11829,15066,11525,15080,11295,15085,10976,15082,10705,15073,10495,13880,14564,13898,14542,13977,14430,14158,14124,14393,13732,14556,13410,14702,12996,14814,12596,14891,12291,14937,11834,14957,11489,14958,11194,14943,10803,14921,10506,14893,10278,14858,9960,14484,14039,14487,14025,14499,13941,14524,13740,14574,13468,14654,13106,14743,12678,14818,12344,14867,11893,14889,11509,14893,11180,14881,10751,14852,10428,14812,10128,14765,9754,14712,9466,14764,13480,14764,13475,14766,13440,14766,13347,14769,13070,14786,12713,14816,12387,14844,11957,14860,11549,14868,11215,14855,10751,14825,10403,14782,10044,14729,9651,14666,9352,14599,9029,14967,12835,14966,12831,14963,12804,14954,12723,14936,12564,14917,12347,14900,11958,14886,11569,14878,11247,14859,10765,14828,10401,14784,10011,14727,9600,14660,9289,14586,8893,14508,8533,15111,12234,15110,12234,15104,12216,15092,12156,15067,12010,15028,11776,14981,11500,14942,11205,14902,10752,14861,10393,14812,9991,14752,9570,14682,9252,14603,8808,14519,8445,14431,8145,15209,11449,15208,11451,15202,11451,15190,11438,15163,11384,15117,11274,15055,10979,14994,10648,14932,10343,14871,9936,14803,9532,14729,9218,14645,8742,14556,8381,14461,8020,14365,7603,15273,10603,15272,10607,15267,10619,15256,10631,15231,10614,15182,10535,15118,10389,15042,10167,14963,9787,14883,9447,14800,9115,14710,8665,14615,8318,14514,7911,14411,7507,14279,7198,15314,9675,15313,9683,15309,9712,15298,9759,15277,9797,15229,9773,15166,9668,15084,9487,14995,9274,14898,8910,14800,8539,14697,8234,14590,7790,14479,7409,14367,7067,14178,6621,15337,8619,15337,8631,15333,8677,15325,8769,15305,8871,15264,8940,15202,8909,15119,8775,15022,8565,14916,8328,14804,8009,14688,7614,14569,7287,14448,6888,14321,6483,14088,6171,15350,7402,15350,7419,15347,7480,15340,7613,15322,7804,15287,7973,15229,8057,15148,8012,15046,7846,14933,7611,14810,7357,14682,7069,14552,6656,14421,6316,14251,5948,14007,5528,15356,5942,15356,5977,15353,6119,15348,6294,15332,6551,15302,6824,15249,7044,15171,7122,15070,7050,14949,6861,14818,6611,14679,6349,14538,6067,14398,5651,14189,5311,13935,4958,15359,4123,15359,4153,15356,4296,15353,4646,15338,5160,15311,5508,15263,5829,15188,6042,15088,6094,14966,6001,14826,5796,14678,5543,14527,5287,14377,4985,14133,4586,13869,4257,15360,1563,15360,1642,15358,2076,15354,2636,15341,3350,15317,4019,15273,4429,15203,4732,15105,4911,14981,4932,14836,4818,14679,4621,14517,4386,14359,4156,14083,3795,13808,3437,15360,122,15360,137,15358,285,15355,636,15344,1274,15322,2177,15281,2765,15215,3223,15120,3451,14995,3569,14846,3567,14681,3466,14511,3305,14344,3121,14037,2800,13753,2467,15360,0,15360,1,15359,21,15355,89,15346,253,15325,479,15287,796,15225,1148,15133,1492,15008,1749,14856,1882,14685,1886,14506,1783,14324,1608,13996,1398,13702,1183]),jn=null;wl=class{constructor(t={}){let{canvas:e=rf(),context:i=null,depth:n=!0,stencil:r=!1,alpha:o=!1,antialias:a=!1,premultipliedAlpha:l=!0,preserveDrawingBuffer:c=!1,powerPreference:h="default",failIfMajorPerformanceCaveat:u=!1,reversedDepthBuffer:d=!1,outputBufferType:f=_n}=t;this.isWebGLRenderer=!0;let m;if(i!==null){if(typeof WebGLRenderingContext<"u"&&i instanceof WebGLRenderingContext)throw new Error("THREE.WebGLRenderer: WebGL 1 is not supported since r163.");m=i.getContextAttributes().alpha}else m=o;let y=f,p=new Set([Ga,Ha,Zr]),g=new Set([_n,Nn,Vs,ns,za,Va]),x=new Uint32Array(4),S=new Int32Array(4),v={textures:[],min:[],max:[],resolution:[]},M=null,w=null,_=[],b=[],C=null;this.domElement=e,this.debug={checkShaderErrors:!0,diagnostics:{keywords:!1},onShaderError:null},this.autoClear=!0,this.autoClearColor=!0,this.autoClearDepth=!0,this.autoClearStencil=!0,this.sortObjects=!0,this.clippingPlanes=[],this.localClippingEnabled=!1,this.toneMapping=Kn,this.toneMappingExposure=1,this.transmissionResolutionScale=1;let A=this,I=!1,R=null,F=null,L=null,k=null;this._outputColorSpace=ln;let z=0,G=0,it=null,Y=-1,tt=null,nt=new ve,xt=new ve,Dt=null,J=new qt(0),at=0,bt=e.width,Rt=e.height,_t=1,Ft=null,xe=null,Ct=new ve(0,0,bt,Rt),Zt=new ve(0,0,bt,Rt),ee=!1,Gt=new di,Ie=new Rr,Se=!1,Ge=!1,ge=new kt,on=new P,Re=new ve,U={background:null,fog:null,environment:null,overrideMaterial:null,isScene:!0},q=!1;function Q(){return it===null?_t:1}let N=i;function Ot(E,B){return e.getContext(E,B)}let Mt,Jt,lt,be,Ut,Ht,D,T,H,st,et,ct,mt,Z,K,dt,O,j,$,ft,ot,ht,Pt;try{let E={alpha:!0,depth:n,stencil:r,antialias:a,premultipliedAlpha:l,preserveDrawingBuffer:c,powerPreference:h,failIfMajorPerformanceCaveat:u};if("setAttribute"in e&&e.setAttribute("data-engine",`three.js r${"187"}`),e.addEventListener("webglcontextlost",Lt,!1),e.addEventListener("webglcontextrestored",Xt,!1),e.addEventListener("webglcontextcreationerror",yt,!1),N===null){let B="webgl2";if(N=Ot(B,E),N===null)throw Ot(B)?new Error("THREE.WebGLRenderer: Error creating WebGL context with your selected attributes."):new Error("THREE.WebGLRenderer: Error creating WebGL context.")}Yt()}catch(E){throw e.removeEventListener("webglcontextlost",Lt,!1),e.removeEventListener("webglcontextrestored",Xt,!1),e.removeEventListener("webglcontextcreationerror",yt,!1),Bt("WebGLRenderer: "+E.message),E}function Yt(){Mt=new zx(N),Mt.init(),ot=new bv(N,Mt),Jt=new Rx(N,Mt,t,ot),lt=new vv(N,Mt),Jt.reversedDepthBuffer&&d&&lt.buffers.depth.setReversed(!0),F=N.createFramebuffer(),L=N.createFramebuffer(),k=N.createFramebuffer(),be=new Gx(N),Ut=new ov,Ht=new Sv(N,Mt,lt,Ut,Jt,ot,be),D=new kx(A),T=new qg(N),ht=new Ax(N,T),H=new Vx(N,T,be,ht),st=new qx(N,H,T,ht,be),j=new Wx(N,Jt,Ht),K=new Px(Ut),et=new rv(A,D,Mt,Jt,ht,K),ct=new Ev(A,Ut),mt=new lv,Z=new pv(Mt),O=new Ex(A,D,lt,st,m,l),dt=new yv(A,st,Jt),Pt=new Av(N,be,Jt,lt),$=new Cx(N,Mt,be),ft=new Hx(N,Mt,be),be.programs=et.programs,A.capabilities=Jt,A.extensions=Mt,A.properties=Ut,A.renderLists=mt,A.shadowMap=dt,A.state=lt,A.info=be}y!==_n&&(C=new Yx(y,e.width,e.height,a,n,r));let rt=new Vh(A,N);this.xr=rt,this.getContext=function(){return N},this.getContextAttributes=function(){return N.getContextAttributes()},this.forceContextLoss=function(){let E=Mt.get("WEBGL_lose_context");E&&E.loseContext()},this.forceContextRestore=function(){let E=Mt.get("WEBGL_lose_context");E&&E.restoreContext()},this.getPixelRatio=function(){return _t},this.setPixelRatio=function(E){E!==void 0&&(_t=E,this.setSize(bt,Rt,!1))},this.getSize=function(E){return E.set(bt,Rt)},this.setSize=function(E,B,X=!0){if(rt.isPresenting){Nt("WebGLRenderer: Can't change size while VR device is presenting.");return}bt=E,Rt=B,e.width=Math.floor(E*_t),e.height=Math.floor(B*_t),X===!0&&(e.style.width=E+"px",e.style.height=B+"px"),C!==null&&C.setSize(e.width,e.height),this.setViewport(0,0,E,B)},this.getDrawingBufferSize=function(E){return E.set(bt*_t,Rt*_t).floor()},this.setDrawingBufferSize=function(E,B,X){bt=E,Rt=B,_t=X,e.width=Math.floor(E*X),e.height=Math.floor(B*X),this.setViewport(0,0,E,B)},this.setEffects=function(E){if(y===_n){Bt("WebGLRenderer: setEffects() requires outputBufferType set to HalfFloatType or FloatType.");return}if(E){for(let B=0;B<E.length;B++)if(E[B].isOutputPass===!0){Nt("WebGLRenderer: OutputPass is not needed in setEffects(). Tone mapping and color space conversion are applied automatically.");break}}C.setEffects(E||[])},this.getCurrentViewport=function(E){return E.copy(nt)},this.getViewport=function(E){return E.copy(Ct)},this.setViewport=function(E,B,X,V){E.isVector4?Ct.set(E.x,E.y,E.z,E.w):Ct.set(E,B,X,V),lt.viewport(nt.copy(Ct).multiplyScalar(Q()).round())},this.getScissor=function(E){return E.copy(Zt)},this.setScissor=function(E,B,X,V){E.isVector4?Zt.set(E.x,E.y,E.z,E.w):Zt.set(E,B,X,V),lt.scissor(xt.copy(Zt).multiplyScalar(Q()).round())},this.getScissorTest=function(){return ee},this.setScissorTest=function(E){lt.setScissorTest(ee=E)},this.setOpaqueSort=function(E){Ft=E},this.setTransparentSort=function(E){xe=E},this.getClearColor=function(E){return E.copy(O.getClearColor())},this.setClearColor=function(){O.setClearColor(...arguments)},this.getClearAlpha=function(){return O.getClearAlpha()},this.setClearAlpha=function(){O.setClearAlpha(...arguments)},this.clear=function(E=!0,B=!0,X=!0){let V=0;if(E){let W=!1;if(it!==null){let gt=it.texture.format;W=p.has(gt)}if(W){let gt=it.texture.type,wt=g.has(gt),pt=O.getClearColor(),St=O.getClearAlpha(),At=pt.r,Wt=pt.g,Qt=pt.b;wt?(x[0]=At,x[1]=Wt,x[2]=Qt,x[3]=St,N.clearBufferuiv(N.COLOR,0,x)):(S[0]=At,S[1]=Wt,S[2]=Qt,S[3]=St,N.clearBufferiv(N.COLOR,0,S))}else V|=N.COLOR_BUFFER_BIT}B&&(V|=N.DEPTH_BUFFER_BIT,this.state.buffers.depth.setMask(!0)),X&&(V|=N.STENCIL_BUFFER_BIT,this.state.buffers.stencil.setMask(4294967295)),V!==0&&N.clear(V)},this.clearColor=function(){this.clear(!0,!1,!1)},this.clearDepth=function(){this.clear(!1,!0,!1)},this.clearStencil=function(){this.clear(!1,!1,!0)},this.setNodesHandler=function(E){E.setRenderer(this),R=E},this.dispose=function(){e.removeEventListener("webglcontextlost",Lt,!1),e.removeEventListener("webglcontextrestored",Xt,!1),e.removeEventListener("webglcontextcreationerror",yt,!1),O.dispose(),mt.dispose(),Z.dispose(),Ht.dispose(),Ut.dispose(),D.dispose(),st.dispose(),H.dispose(),ht.dispose(),Pt.dispose(),et.dispose(),rt.dispose(),rt.removeEventListener("sessionstart",Au),rt.removeEventListener("sessionend",Cu),Vi.stop()};function Lt(E){E.preventDefault(),Sh("WebGLRenderer: Context Lost."),I=!0}function Xt(){Sh("WebGLRenderer: Context Restored."),I=!1;let E=be.autoReset,B=dt.enabled,X=dt.autoUpdate,V=dt.needsUpdate,W=dt.type;Yt(),be.autoReset=E,dt.enabled=B,dt.autoUpdate=X,dt.needsUpdate=V,dt.type=W}function yt(E){Bt("WebGLRenderer: A WebGL context could not be created. Reason: ",E.statusMessage)}function ue(E){let B=E.target;B.removeEventListener("dispose",ue),Be(B)}function Be(E){yi(E),Ut.remove(E)}function yi(E){let B=Ut.get(E).programs;B!==void 0&&(B.forEach(function(X){et.releaseProgram(X)}),E.isShaderMaterial&&et.releaseShaderCache(E))}this.renderBufferDirect=function(E,B,X,V,W,gt){B===null&&(B=U);let wt=W.isMesh&&W.matrixWorld.determinantAffine()<0,pt=Cm(E,B,X,V,W);lt.setMaterial(V,wt);let St=X.index,At=1;if(V.wireframe===!0){if(St=H.getWireframeAttribute(X),St===void 0)return;At=2}let Wt=X.drawRange,Qt=X.attributes.position,Tt=Wt.start*At,te=(Wt.start+Wt.count)*At;gt!==null&&(Tt=Math.max(Tt,gt.start*At),te=Math.min(te,(gt.start+gt.count)*At)),St!==null?(Tt=Math.max(Tt,0),te=Math.min(te,St.count)):Qt!=null&&(Tt=Math.max(Tt,0),te=Math.min(te,Qt.count));let Le=te-Tt;if(Le<0||Le===1/0)return;ht.setup(W,V,pt,X,St);let _e,fe=$;if(St!==null&&(_e=T.get(St),fe=ft,fe.setIndex(_e)),W.isMesh)V.wireframe===!0?(lt.setLineWidth(V.wireframeLinewidth*Q()),fe.setMode(N.LINES)):fe.setMode(N.TRIANGLES);else if(W.isLine){let Je=V.linewidth;Je===void 0&&(Je=1),lt.setLineWidth(Je*Q()),W.isLineSegments?fe.setMode(N.LINES):W.isLineLoop?fe.setMode(N.LINE_LOOP):fe.setMode(N.LINE_STRIP)}else W.isPoints?fe.setMode(N.POINTS):W.isSprite&&fe.setMode(N.TRIANGLES);if(W.isBatchedMesh)if(Mt.get("WEBGL_multi_draw"))fe.renderMultiDraw(W._multiDrawStarts,W._multiDrawCounts,W._multiDrawCount);else{let Je=W._multiDrawStarts,Et=W._multiDrawCounts,an=W._multiDrawCount,se=St?T.get(St).bytesPerElement:1,Hi=Ut.get(V).currentProgram.getUniforms();for(let Ke=0;Ke<an;Ke++)Hi.setValue(N,"_gl_DrawID",Ke),fe.render(Je[Ke]/se,Et[Ke])}else if(W.isInstancedMesh)fe.renderInstances(Tt,Le,W.count);else if(X.isInstancedBufferGeometry){let Je=X._maxInstanceCount!==void 0?X._maxInstanceCount:1/0,Et=Math.min(X.instanceCount,Je);fe.renderInstances(Tt,Le,Et)}else fe.render(Tt,Le)};function Eu(E,B,X,V){R!==null&&E.isNodeMaterial&&R.setObject(V,E),Se===!0&&K.setState(E,X,!1),E.transparent===!0&&E.side===fn&&E.forceSinglePass===!1?(E.side=Ye,E.needsUpdate=!0,hr(E,B,V),E.side=Hn,E.needsUpdate=!0,hr(E,B,V),E.side=fn):hr(E,B,V)}this.compile=function(E,B,X=null){X===null&&(X=E),R!==null&&R.renderStart(E,B,X),w=Z.get(X),w.init(B),b.push(w),X.traverseVisible(function(W){W.isLight&&W.layers.test(B.layers)&&(w.pushLight(W),W.castShadow&&w.pushShadow(W))}),E!==X&&E.traverseVisible(function(W){W.isLight&&W.layers.test(B.layers)&&(w.pushLight(W),W.castShadow&&w.pushShadow(W))}),w.setupLights(),R!==null&&R.updateLights(w.state.lightsArray),Ge=this.localClippingEnabled,Se=K.init(this.clippingPlanes,Ge),Se===!0&&K.setGlobalState(this.clippingPlanes,B),R!==null&&dt.render(w.state.shadowsArray,X,B);let V=new Set;return E.traverse(function(W){if(!(W.isMesh||W.isPoints||W.isLine||W.isSprite))return;let gt=W.material;if(gt)if(Array.isArray(gt))for(let wt=0;wt<gt.length;wt++){let pt=gt[wt];Eu(pt,X,B,W),V.add(pt)}else Eu(gt,X,B,W),V.add(gt)}),w=b.pop(),R!==null&&R.renderEnd(),V},this.compileAsync=function(E,B,X=null){let V=this.compile(E,B,X);return new Promise(W=>{function gt(){if(V.forEach(function(wt){let St=Ut.get(wt).currentProgram;(St===void 0||St.isReady())&&V.delete(wt)}),V.size===0){W(E);return}setTimeout(gt,10)}Mt.get("KHR_parallel_shader_compile")!==null?gt():setTimeout(gt,10)})};let hc=null;function Em(E){hc&&hc(E)}function Au(){Vi.stop()}function Cu(){Vi.start()}let Vi=new Ff;Vi.setAnimationLoop(Em),typeof self<"u"&&Vi.setContext(self),this.setAnimationLoop=function(E){hc=E,rt.setAnimationLoop(E),E===null?Vi.stop():Vi.start()},rt.addEventListener("sessionstart",Au),rt.addEventListener("sessionend",Cu),this.render=function(E,B){if(B!==void 0&&B.isCamera!==!0){Bt("WebGLRenderer.render: camera is not an instance of THREE.Camera.");return}if(I===!0)return;R!==null&&R.renderStart(E,B);let X=rt.enabled===!0&&rt.isPresenting===!0,V=C!==null&&(it===null||X)&&C.begin(A,it);if(E.matrixWorldAutoUpdate===!0&&E.updateMatrixWorld(),B.parent===null&&B.matrixWorldAutoUpdate===!0&&B.updateMatrixWorld(),rt.enabled===!0&&rt.isPresenting===!0&&(C===null||C.isCompositing()===!1)&&(rt.cameraAutoUpdate===!0&&rt.updateCamera(B),B=rt.getCamera()),E.isScene===!0&&E.onBeforeRender(A,E,B,it),w=Z.get(E,b.length),w.init(B),w.state.textureUnits=Ht.getTextureUnits(),b.push(w),ge.multiplyMatrices(B.projectionMatrix,B.matrixWorldInverse),B.isArrayCamera?Ie.setFromArrayCamera(B):Gt.setFromProjectionMatrix(ge,Pn,B.reversedDepth),Ge=this.localClippingEnabled,Se=K.init(this.clippingPlanes,Ge),M=mt.get(E,_.length),M.init(),_.push(M),this.info.render.frame++,rt.enabled===!0&&rt.isPresenting===!0){let wt=A.xr.getDepthSensingMesh();wt!==null&&uc(wt,B,-1/0,A.sortObjects)}uc(E,B,0,A.sortObjects),M.finish(),R!==null&&R.updateLights(w.state.lightsArray),A.sortObjects===!0&&M.sort(Ft,xe),q=rt.enabled===!1||rt.isPresenting===!1||rt.hasDepthSensing()===!1,q&&O.addToRenderList(M,E),this.info.autoReset===!0&&this.info.reset(),Se===!0&&K.beginShadows();let W=w.state.shadowsArray;if(dt.render(W,E,B),Se===!0&&K.endShadows(),(V&&C.hasRenderPass())===!1){let wt=M.opaque,pt=M.transmissive;if(w.setupLights(),B.isArrayCamera){let St=B.cameras;if(pt.length>0)for(let At=0,Wt=St.length;At<Wt;At++){let Qt=St[At];Pu(wt,pt,E,Qt)}q&&O.render(E);for(let At=0,Wt=St.length;At<Wt;At++){let Qt=St[At];Ru(M,E,Qt,Qt.viewport)}}else pt.length>0&&Pu(wt,pt,E,B),q&&O.render(E),Ru(M,E,B)}it!==null&&G===0&&(Ht.updateMultisampleRenderTarget(it),Ht.updateRenderTargetMipmap(it)),V&&C.end(A),E.isScene===!0&&E.onAfterRender(A,E,B),ht.resetDefaultState(),Y=-1,tt=null,b.pop(),b.length>0?(w=b[b.length-1],Ht.setTextureUnits(w.state.textureUnits),Se===!0&&K.setGlobalState(A.clippingPlanes,w.state.camera)):w=null,_.pop(),_.length>0?M=_[_.length-1]:M=null,R!==null&&R.renderEnd()};function uc(E,B,X,V){if(E.visible===!1)return;if(E.layers.test(B.layers)){if(E.isGroup)X=E.renderOrder;else if(E.isLOD)E.autoUpdate===!0&&E.update(B);else if(E.isLight)w.pushLight(E),E.castShadow&&w.pushShadow(E);else if(E.isSprite){let wt=B.isArrayCamera?Ie:Gt;if(!E.frustumCulled||E.intersectsFrustum(wt)){V&&Re.setFromMatrixPosition(E.matrixWorld).applyMatrix4(ge);let pt=st.update(E),St=E.material;St.visible&&M.push(E,pt,St,X,Re.z,null,B)}}else if(E.isMesh||E.isLine||E.isPoints){let wt=B.isArrayCamera?Ie:Gt;if(!E.frustumCulled||E.intersectsFrustum(wt)){let pt=st.update(E),St=E.material;if(V&&(E.boundingSphere!==void 0?(E.boundingSphere===null&&E.computeBoundingSphere(),Re.copy(E.boundingSphere.center)):(pt.boundingSphere===null&&pt.computeBoundingSphere(),Re.copy(pt.boundingSphere.center)),Re.applyMatrix4(E.matrixWorld).applyMatrix4(ge)),Array.isArray(St)){let At=pt.groups;for(let Wt=0,Qt=At.length;Wt<Qt;Wt++){let Tt=At[Wt],te=St[Tt.materialIndex];te&&te.visible&&M.push(E,pt,te,X,Re.z,Tt,B)}}else St.visible&&M.push(E,pt,St,X,Re.z,null,B)}}}let gt=E.children;for(let wt=0,pt=gt.length;wt<pt;wt++)uc(gt[wt],B,X,V)}function Ru(E,B,X,V){let{opaque:W,transmissive:gt,transparent:wt}=E;w.setupLightsView(X),Se===!0&&K.setGlobalState(A.clippingPlanes,X),V&&lt.viewport(nt.copy(V)),W.length>0&&vo(W,B,X),gt.length>0&&vo(gt,B,X),wt.length>0&&vo(wt,B,X),lt.buffers.depth.setTest(!0),lt.buffers.depth.setMask(!0),lt.buffers.color.setMask(!0),lt.setPolygonOffset(!1)}function Pu(E,B,X,V){if((X.isScene===!0?X.overrideMaterial:null)!==null)return;if(w.state.transmissionRenderTarget[V.id]===void 0){let Tt=Mt.has("EXT_color_buffer_half_float")||Mt.has("EXT_color_buffer_float");w.state.transmissionRenderTarget[V.id]=new Tn(1,1,{generateMipmaps:!0,type:Tt?Gn:_n,minFilter:pi,samples:Math.max(4,Jt.samples),stencilBuffer:r,resolveDepthBuffer:!1,resolveStencilBuffer:!1,storeMultisampledDepthBuffer:!1,storeMultisampledStencilBuffer:!1,colorSpace:Kt.workingColorSpace})}let gt=w.state.transmissionRenderTarget[V.id],wt=V.viewport||nt;gt.setSize(wt.z*A.transmissionResolutionScale,wt.w*A.transmissionResolutionScale);let pt=A.getRenderTarget(),St=A.getActiveCubeFace(),At=A.getActiveMipmapLevel();A.setRenderTarget(gt),A.getClearColor(J),at=A.getClearAlpha(),at<1&&A.setClearColor(16777215,.5),A.clear(),q&&O.render(X);let Wt=A.toneMapping;A.toneMapping=Kn;let Qt=V.viewport;if(V.viewport!==void 0&&(V.viewport=void 0),w.setupLightsView(V),Se===!0&&K.setGlobalState(A.clippingPlanes,V),vo(E,X,V),Ht.updateMultisampleRenderTarget(gt),Ht.updateRenderTargetMipmap(gt),Mt.has("WEBGL_multisampled_render_to_texture")===!1){let Tt=!1;for(let te=0,Le=B.length;te<Le;te++){let _e=B[te],{object:fe,geometry:Je,material:Et,group:an}=_e;if(Et.side===fn&&fe.layers.test(V.layers)){let se=Et.side;Et.side=Ye,Et.needsUpdate=!0,Iu(fe,X,V,Je,Et,an),Et.side=se,Et.needsUpdate=!0,Tt=!0}}Tt===!0&&(Ht.updateMultisampleRenderTarget(gt),Ht.updateRenderTargetMipmap(gt))}A.setRenderTarget(pt,St,At),A.setClearColor(J,at),Qt!==void 0&&(V.viewport=Qt),A.toneMapping=Wt}function vo(E,B,X){let V=B.isScene===!0?B.overrideMaterial:null;for(let W=0,gt=E.length;W<gt;W++){let wt=E[W],{object:pt,geometry:St,group:At}=wt,Wt=wt.material;Wt.allowOverride===!0&&V!==null&&(Wt=V),pt.layers.test(X.layers)&&Iu(pt,B,X,St,Wt,At)}}function Iu(E,B,X,V,W,gt){R!==null&&W.isNodeMaterial&&R.setObject(E,W),E.onBeforeRender(A,B,X,V,W,gt),E.modelViewMatrix.multiplyMatrices(X.matrixWorldInverse,E.matrixWorld),E.normalMatrix.getNormalMatrix(E.modelViewMatrix),W.onBeforeRender(A,B,X,V,E,gt),W.transparent===!0&&W.side===fn&&W.forceSinglePass===!1?(W.side=Ye,W.needsUpdate=!0,A.renderBufferDirect(X,B,V,W,E,gt),W.side=Hn,W.needsUpdate=!0,A.renderBufferDirect(X,B,V,W,E,gt),W.side=fn):A.renderBufferDirect(X,B,V,W,E,gt),E.onAfterRender(A,B,X,V,W,gt)}function Lu(E){let B=0;for(let X of E)X.texture!==null&&B++;return B}function hr(E,B,X){B.isScene!==!0&&(B=U);let V=Ut.get(E),W=w.state.lights,gt=w.state.shadowsArray,wt=W.state.version,pt=et.getParameters(E,W.state,gt,B,X,w.state.lightProbeGridArray),St=et.getProgramCacheKey(pt),At=V.programs;V.environment=E.isMeshStandardMaterial||E.isMeshLambertMaterial||E.isMeshPhongMaterial?B.environment:null,V.fog=B.fog;let Wt=E.isMeshStandardMaterial||E.isMeshLambertMaterial&&!E.envMap||E.isMeshPhongMaterial&&!E.envMap;V.envMap=D.get(E.envMap||V.environment,Wt),V.envMapRotation=V.environment!==null&&E.envMap===null?B.environmentRotation:E.envMapRotation,At===void 0&&(E.addEventListener("dispose",ue),At=new Map,V.programs=At,V.programVariants=new Map);let Qt=At.get(St);if(Qt!==void 0){if(V.currentProgram===Qt&&V.lightsStateVersion===wt)return Nu(E,pt),Qt}else pt.uniforms=et.getUniforms(E),R!==null&&E.isNodeMaterial&&R.build(E,X,pt),E.onBeforeCompile(pt,A),Qt=et.acquireProgram(pt,St),At.set(St,Qt),V.uniforms=pt.uniforms;let Tt=V.uniforms;return(!E.isShaderMaterial&&!E.isRawShaderMaterial||E.clipping===!0)&&(Tt.clippingPlanes=K.uniform),Nu(E,pt),V.needsLights=Pm(E),V.lightsStateVersion=wt,V.needsLights&&(Tt.ambientLightColor.value=W.state.ambient,Tt.lightProbe.value=W.state.probe,Tt.sunLights.value=W.state.sun,Tt.sunLightShadows.value=W.state.sunShadow,Tt.directionalLights.value=W.state.directional,Tt.directionalLightShadows.value=W.state.directionalShadow,Tt.spotLights.value=W.state.spot,Tt.spotLightShadows.value=W.state.spotShadow,Tt.rectAreaLights.value=W.state.rectArea,Tt.ltc_1.value=W.state.rectAreaLTC1,Tt.ltc_2.value=W.state.rectAreaLTC2,Tt.pointLights.value=W.state.point,Tt.pointLightShadows.value=W.state.pointShadow,Tt.hemisphereLights.value=W.state.hemi,Tt.sunShadowMatrix.value=W.state.sunShadowMatrix,Tt.sunShadowCascade.value=W.state.sunShadowCascade,Tt.directionalShadowMatrix.value=W.state.directionalShadowMatrix,Tt.spotLightMatrix.value=W.state.spotLightMatrix,Tt.spotLightMap.value=W.state.spotLightMap,Tt.pointShadowMatrix.value=W.state.pointShadowMatrix),V.numLightProbeGrids=Lu(w.state.lightProbeGridArray),V.currentProgram=Qt,V.uniformsList=null,Qt}function Am(E,B,X,V,W){let gt=Ut.get(E),wt=gt.currentProgram.id+","+V+","+W,pt=gt.programVariants.get(wt);return pt===void 0?(pt=hr(E,B,X),gt.programVariants.set(wt,pt)):(gt.currentProgram=pt,gt.uniformsList=null,gt.outputColorSpace=V,gt.toneMapping=W),pt}function Du(E){if(E.uniformsList===null){let B=E.currentProgram.getUniforms();E.uniformsList=Gs.seqWithValue(B.seq,E.uniforms)}return E.uniformsList}function Nu(E,B){let X=Ut.get(E);X.outputColorSpace=B.outputColorSpace,X.batching=B.batching,X.batchingColor=B.batchingColor,X.instancing=B.instancing,X.instancingColor=B.instancingColor,X.instancingMorph=B.instancingMorph,X.skinning=B.skinning,X.morphTargets=B.morphTargets,X.morphNormals=B.morphNormals,X.morphColors=B.morphColors,X.morphTargetsCount=B.morphTargetsCount,X.numClippingPlanes=B.numClippingPlanes,X.numIntersection=B.numClipIntersection,X.vertexAlphas=B.vertexAlphas,X.vertexTangents=B.vertexTangents,X.toneMapping=B.toneMapping}function Cm(E,B,X,V,W){B.isScene!==!0&&(B=U),Ht.resetTextureUnits();let gt=B.fog,wt=V.isMeshStandardMaterial||V.isMeshLambertMaterial||V.isMeshPhongMaterial?B.environment:null,pt=it===null?A.outputColorSpace:it.isXRRenderTarget===!0?it.texture.colorSpace:Kt.workingColorSpace,St=V.isMeshStandardMaterial||V.isMeshLambertMaterial&&!V.envMap||V.isMeshPhongMaterial&&!V.envMap,At=D.get(V.envMap||wt,St),Wt=V.vertexColors===!0&&!!X.attributes.color&&X.attributes.color.itemSize===4,Qt=!!X.attributes.tangent&&(!!V.normalMap||V.anisotropy>0),Tt=!!X.morphAttributes.position,te=!!X.morphAttributes.normal,Le=!!X.morphAttributes.color,_e=Kn;V.toneMapped&&(it===null||it.isXRRenderTarget===!0)&&(_e=A.toneMapping);let fe=X.morphAttributes.position||X.morphAttributes.normal||X.morphAttributes.color,Je=fe!==void 0?fe.length:0,Et=Ut.get(V),an=w.state.lights;if(Se===!0&&(Ge===!0||E!==tt)){let Me=E===tt&&V.id===Y;K.setState(V,E,Me)}let se=!1,Hi=!1;V.version===Et.__version?Et.needsLights&&Et.lightsStateVersion!==an.state.version||W.isBatchedMesh&&Et.batching===!1||!W.isBatchedMesh&&Et.batching===!0||W.isBatchedMesh&&Et.batchingColor===!0&&W._colorsTexture===null||W.isBatchedMesh&&Et.batchingColor===!1&&W._colorsTexture!==null||W.isInstancedMesh&&Et.instancing===!1||!W.isInstancedMesh&&Et.instancing===!0||W.isSkinnedMesh&&Et.skinning===!1||!W.isSkinnedMesh&&Et.skinning===!0||W.isInstancedMesh&&Et.instancingColor===!0&&W.instanceColor===null||W.isInstancedMesh&&Et.instancingColor===!1&&W.instanceColor!==null||W.isInstancedMesh&&Et.instancingMorph===!0&&W.morphTexture===null||W.isInstancedMesh&&Et.instancingMorph===!1&&W.morphTexture!==null||Et.envMap!==At||V.fog===!0&&Et.fog!==gt||Et.numClippingPlanes!==void 0&&(Et.numClippingPlanes!==K.numPlanes||Et.numIntersection!==K.numIntersection)||Et.vertexAlphas!==Wt||Et.vertexTangents!==Qt||Et.morphTargets!==Tt||Et.morphNormals!==te||Et.morphColors!==Le||Et.morphTargetsCount!==Je||Et.numLightProbeGrids!==Lu(w.state.lightProbeGridArray)?se=!0:(Et.outputColorSpace!==pt||Et.toneMapping!==_e)&&(Hi=!0):(se=!0,Et.__version=V.version);let Ke=Et.currentProgram;(se===!0||Hi===!0)&&(Ke=Hi===!0?Am(V,B,W,pt,_e):hr(V,B,W),R&&V.isNodeMaterial&&R.onUpdateProgram(V,Ke,Et));let So=!1,vi=!1,Gi=!1,ie=Ke.getUniforms(),We=Et.uniforms;if(lt.useProgram(Ke.program)&&(So=!0,vi=!0,Gi=!0),V.id!==Y&&(Y=V.id,vi=!0),So||tt!==E){lt.buffers.depth.getReversed()&&E.reversedDepth!==!0&&(E._reversedDepth=!0,E.updateProjectionMatrix()),ie.setValue(N,"projectionMatrix",E.projectionMatrix),ie.setValue(N,"viewMatrix",E.matrixWorldInverse);let ke=ie.map.cameraPosition;ke!==void 0&&ke.setValue(N,on.setFromMatrixPosition(E.matrixWorld)),Jt.logarithmicDepthBuffer&&ie.setValue(N,"logDepthBufFC",2/(Math.log(E.far+1)/Math.LN2)),(V.isMeshPhongMaterial||V.isMeshToonMaterial||V.isMeshLambertMaterial||V.isMeshBasicMaterial||V.isMeshStandardMaterial||V.isShaderMaterial)&&ie.setValue(N,"isOrthographic",E.isOrthographicCamera===!0),tt!==E&&(tt=E,vi=!0,Gi=!0)}if(Et.needsLights&&(an.state.sunShadowMap.length>0&&ie.setValue(N,"sunShadowMap",an.state.sunShadowMap,Ht),an.state.directionalShadowMap.length>0&&ie.setValue(N,"directionalShadowMap",an.state.directionalShadowMap,Ht),an.state.spotShadowMap.length>0&&ie.setValue(N,"spotShadowMap",an.state.spotShadowMap,Ht),an.state.pointShadowMap.length>0&&ie.setValue(N,"pointShadowMap",an.state.pointShadowMap,Ht)),W.isSkinnedMesh){ie.setOptional(N,W,"bindMatrix"),ie.setOptional(N,W,"bindMatrixInverse");let Me=W.skeleton;Me&&(Me.boneTexture===null&&Me.computeBoneTexture(),ie.setValue(N,"boneTexture",Me.boneTexture,Ht))}W.isBatchedMesh&&(ie.setOptional(N,W,"batchingTexture"),ie.setValue(N,"batchingTexture",W._matricesTexture,Ht),ie.setOptional(N,W,"batchingIdTexture"),ie.setValue(N,"batchingIdTexture",W._indirectTexture,Ht),ie.setOptional(N,W,"batchingColorTexture"),W._colorsTexture!==null&&ie.setValue(N,"batchingColorTexture",W._colorsTexture,Ht));let Fn=X.morphAttributes;if((Fn.position!==void 0||Fn.normal!==void 0||Fn.color!==void 0)&&j.update(W,X,Ke),(vi||Et.receiveShadow!==W.receiveShadow)&&(Et.receiveShadow=W.receiveShadow,ie.setValue(N,"receiveShadow",W.receiveShadow)),(V.isMeshStandardMaterial||V.isMeshLambertMaterial||V.isMeshPhongMaterial)&&V.envMap===null&&B.environment!==null&&(We.envMapIntensity.value=B.environmentIntensity),We.dfgLUT!==void 0&&(We.dfgLUT.value=Rv()),vi){if(ie.setValue(N,"toneMappingExposure",A.toneMappingExposure),Et.needsLights&&Rm(We,Gi),gt&&V.fog===!0&&ct.refreshFogUniforms(We,gt),ct.refreshMaterialUniforms(We,V,_t,Rt,w.state.transmissionRenderTarget[E.id]),Et.needsLights&&Et.numLightProbeGrids>0){let Me=v,ke=0;for(let ni of w.state.lightProbeGridArray)ni.texture!==null&&(Me.textures[ke]=ni.texture,Me.min[ke]=ni.boundingBox.min,Me.max[ke]=ni.boundingBox.max,Me.resolution[ke]=ni.resolution,ke++);for(let ni in Me)Me[ni].length=ke;We.probesSH.value=Me.textures,We.probesMin.value=Me.min,We.probesMax.value=Me.max,We.probesResolution.value=Me.resolution}Gs.upload(N,Du(Et),We,Ht)}if(V.isShaderMaterial&&V.uniformsNeedUpdate===!0&&(Gs.upload(N,Du(Et),We,Ht),V.uniformsNeedUpdate=!1),V.isSpriteMaterial&&ie.setValue(N,"center",W.center),ie.setValue(N,"modelViewMatrix",W.modelViewMatrix),ie.setValue(N,"normalMatrix",W.normalMatrix),ie.setValue(N,"modelMatrix",W.matrixWorld),V.uniformsGroups!==void 0){let Me=V.uniformsGroups;for(let ke=0,ni=Me.length;ke<ni;ke++){let Fu=Me[ke];Pt.update(Fu,Ke),Pt.bind(Fu,Ke)}}return Ke}function Rm(E,B){E.ambientLightColor.needsUpdate=B,E.lightProbe.needsUpdate=B,E.sunLights.needsUpdate=B,E.sunLightShadows.needsUpdate=B,E.directionalLights.needsUpdate=B,E.directionalLightShadows.needsUpdate=B,E.pointLights.needsUpdate=B,E.pointLightShadows.needsUpdate=B,E.spotLights.needsUpdate=B,E.spotLightShadows.needsUpdate=B,E.rectAreaLights.needsUpdate=B,E.hemisphereLights.needsUpdate=B}function Pm(E){return E.isMeshLambertMaterial||E.isMeshToonMaterial||E.isMeshPhongMaterial||E.isMeshStandardMaterial||E.isShadowMaterial||E.isShaderMaterial&&E.lights===!0}this.getActiveCubeFace=function(){return z},this.getActiveMipmapLevel=function(){return G},this.getRenderTarget=function(){return it},this.setRenderTargetTextures=function(E,B,X){let V=Ut.get(E);V.__autoAllocateDepthBuffer=E.resolveDepthBuffer===!1,V.__autoAllocateDepthBuffer===!1&&(V.__useRenderToTexture=!1),Ut.get(E.texture).__webglTexture=B,Ut.get(E.depthTexture).__webglTexture=V.__autoAllocateDepthBuffer?void 0:X,V.__hasExternalTextures=!0},this.setRenderTargetFramebuffer=function(E,B){let X=Ut.get(E);X.__webglFramebuffer=B,X.__useDefaultFramebuffer=B===void 0},this.setRenderTarget=function(E,B=0,X=0){it=E,z=B,G=X;let V=null,W=!1,gt=!1;if(E){let pt=Ut.get(E);if(pt.__useDefaultFramebuffer!==void 0){lt.bindFramebuffer(N.FRAMEBUFFER,pt.__webglFramebuffer),nt.copy(E.viewport),xt.copy(E.scissor),Dt=E.scissorTest,lt.viewport(nt),lt.scissor(xt),lt.setScissorTest(Dt),Y=-1;return}else if(pt.__webglFramebuffer===void 0)Ht.setupRenderTarget(E);else if(pt.__hasExternalTextures)Ht.rebindTextures(E,Ut.get(E.texture).__webglTexture,Ut.get(E.depthTexture).__webglTexture);else if(E.depthBuffer){let Wt=E.depthTexture;if(pt.__boundDepthTexture!==Wt){if(Wt!==null&&Ut.has(Wt)&&(E.width!==Wt.image.width||E.height!==Wt.image.height))throw new Error("THREE.WebGLRenderer: Attached DepthTexture is initialized to the incorrect size.");Ht.setupDepthRenderbuffer(E)}}let St=E.texture;(St.isData3DTexture||St.isDataArrayTexture||St.isCompressedArrayTexture)&&(gt=!0);let At=Ut.get(E).__webglFramebuffer;E.isWebGLCubeRenderTarget?(Array.isArray(At[B])?V=At[B][X]:V=At[B],W=!0):E.samples>0&&Ht.useMultisampledRTT(E)===!1?V=Ut.get(E).__webglMultisampledFramebuffer:Array.isArray(At)?V=At[X]:V=At,nt.copy(E.viewport),xt.copy(E.scissor),Dt=E.scissorTest}else nt.copy(Ct).multiplyScalar(_t).floor(),xt.copy(Zt).multiplyScalar(_t).floor(),Dt=ee;if(X!==0&&(V=F),lt.bindFramebuffer(N.FRAMEBUFFER,V)&&lt.drawBuffers(E,V),lt.viewport(nt),lt.scissor(xt),lt.setScissorTest(Dt),W){let pt=Ut.get(E.texture);N.framebufferTexture2D(N.FRAMEBUFFER,N.COLOR_ATTACHMENT0,N.TEXTURE_CUBE_MAP_POSITIVE_X+B,pt.__webglTexture,X)}else if(gt){let pt=B;for(let St=0;St<E.textures.length;St++){let At=Ut.get(E.textures[St]);N.framebufferTextureLayer(N.FRAMEBUFFER,N.COLOR_ATTACHMENT0+St,At.__webglTexture,X,pt)}}else if(E!==null&&X!==0){let pt=Ut.get(E.texture);N.framebufferTexture2D(N.FRAMEBUFFER,N.COLOR_ATTACHMENT0,N.TEXTURE_2D,pt.__webglTexture,X)}Y=-1};function Uu(E){let B=Ut.get(E);return(B.__readFormat!==E.format||B.__readType!==E.type)&&(B.__readFormat=E.format,B.__readType=E.type,B.__formatReadable=Jt.textureFormatReadable(E.format),B.__typeReadable=Jt.textureTypeReadable(E.type)),B}this.readRenderTargetPixels=function(E,B,X,V,W,gt,wt,pt=0){if(!(E&&E.isWebGLRenderTarget)){Bt("WebGLRenderer.readRenderTargetPixels: renderTarget is not THREE.WebGLRenderTarget.");return}let St=Ut.get(E).__webglFramebuffer;if(E.isWebGLCubeRenderTarget&&wt!==void 0&&(St=St[wt],Array.isArray(St)&&(St=St[0])),St){lt.bindFramebuffer(N.FRAMEBUFFER,St);try{let At=E.textures[pt],Wt=At.format,Qt=At.type;E.textures.length>1&&N.readBuffer(N.COLOR_ATTACHMENT0+pt);let Tt=Uu(At);if(Tt.__formatReadable===!1){Bt("WebGLRenderer.readRenderTargetPixels: renderTarget is not in RGBA or implementation defined format.");return}if(Tt.__typeReadable===!1){Bt("WebGLRenderer.readRenderTargetPixels: renderTarget is not in UnsignedByteType or implementation defined type.");return}B>=0&&B<=E.width-V&&X>=0&&X<=E.height-W&&N.readPixels(B,X,V,W,ot.convert(Wt),ot.convert(Qt),gt)}finally{let At=it!==null?Ut.get(it).__webglFramebuffer:null;lt.bindFramebuffer(N.FRAMEBUFFER,At)}}},this.readRenderTargetPixelsAsync=async function(E,B,X,V,W,gt,wt,pt=0){if(!(E&&E.isWebGLRenderTarget))throw new Error("THREE.WebGLRenderer.readRenderTargetPixels: renderTarget is not THREE.WebGLRenderTarget.");let St=Ut.get(E).__webglFramebuffer;if(E.isWebGLCubeRenderTarget&&wt!==void 0&&(St=St[wt],Array.isArray(St)&&(St=St[0])),St)if(B>=0&&B<=E.width-V&&X>=0&&X<=E.height-W){lt.bindFramebuffer(N.FRAMEBUFFER,St);let At=E.textures[pt],Wt=At.format,Qt=At.type;E.textures.length>1&&N.readBuffer(N.COLOR_ATTACHMENT0+pt);let Tt=Uu(At);if(Tt.__formatReadable===!1)throw new Error("THREE.WebGLRenderer.readRenderTargetPixelsAsync: renderTarget is not in RGBA or implementation defined format.");if(Tt.__typeReadable===!1)throw new Error("THREE.WebGLRenderer.readRenderTargetPixelsAsync: renderTarget is not in UnsignedByteType or implementation defined type.");let te=N.createBuffer();N.bindBuffer(N.PIXEL_PACK_BUFFER,te),N.bufferData(N.PIXEL_PACK_BUFFER,gt.byteLength,N.STREAM_READ),N.readPixels(B,X,V,W,ot.convert(Wt),ot.convert(Qt),0),N.bindBuffer(N.PIXEL_PACK_BUFFER,null);let Le=it!==null?Ut.get(it).__webglFramebuffer:null;lt.bindFramebuffer(N.FRAMEBUFFER,Le);let _e=N.fenceSync(N.SYNC_GPU_COMMANDS_COMPLETE,0);return N.flush(),await af(N,_e,4),N.bindBuffer(N.PIXEL_PACK_BUFFER,te),N.getBufferSubData(N.PIXEL_PACK_BUFFER,0,gt),N.bindBuffer(N.PIXEL_PACK_BUFFER,null),N.deleteBuffer(te),N.deleteSync(_e),gt}else throw new Error("THREE.WebGLRenderer.readRenderTargetPixelsAsync: requested read bounds are out of range.")},this.copyFramebufferToTexture=function(E,B=null,X=0){let V=Math.pow(2,-X),W=Math.floor(E.image.width*V),gt=Math.floor(E.image.height*V),wt=B!==null?B.x:0,pt=B!==null?B.y:0;Ht.setTexture2D(E,0),N.copyTexSubImage2D(N.TEXTURE_2D,X,0,0,wt,pt,W,gt),lt.unbindTexture()},this.copyTextureToTexture=function(E,B,X=null,V=null,W=0,gt=0){let wt,pt,St,At,Wt,Qt,Tt,te,Le,_e=E.isCompressedTexture?E.mipmaps[gt]:E.image;if(X!==null)wt=X.max.x-X.min.x,pt=X.max.y-X.min.y,St=X.isBox3?X.max.z-X.min.z:1,At=X.min.x,Wt=X.min.y,Qt=X.isBox3?X.min.z:0;else{let ie=Math.pow(2,-W);wt=Math.floor(_e.width*ie),pt=Math.floor(_e.height*ie),E.isDataArrayTexture?St=_e.depth:E.isData3DTexture?St=Math.floor(_e.depth*ie):St=1,At=0,Wt=0,Qt=0}V!==null?(Tt=V.x,te=V.y,Le=V.z):(Tt=0,te=0,Le=0);let fe=ot.convert(B.format),Je=ot.convert(B.type),Et;B.isData3DTexture?(Ht.setTexture3D(B,0),Et=N.TEXTURE_3D):B.isDataArrayTexture||B.isCompressedArrayTexture?(Ht.setTexture2DArray(B,0),Et=N.TEXTURE_2D_ARRAY):(Ht.setTexture2D(B,0),Et=N.TEXTURE_2D),lt.activeTexture(N.TEXTURE0),lt.pixelStorei(N.UNPACK_FLIP_Y_WEBGL,B.flipY),lt.pixelStorei(N.UNPACK_PREMULTIPLY_ALPHA_WEBGL,B.premultiplyAlpha),lt.pixelStorei(N.UNPACK_ALIGNMENT,B.unpackAlignment);let an=lt.getParameter(N.UNPACK_ROW_LENGTH),se=lt.getParameter(N.UNPACK_IMAGE_HEIGHT),Hi=lt.getParameter(N.UNPACK_SKIP_PIXELS),Ke=lt.getParameter(N.UNPACK_SKIP_ROWS),So=lt.getParameter(N.UNPACK_SKIP_IMAGES);lt.pixelStorei(N.UNPACK_ROW_LENGTH,_e.width),lt.pixelStorei(N.UNPACK_IMAGE_HEIGHT,_e.height),lt.pixelStorei(N.UNPACK_SKIP_PIXELS,At),lt.pixelStorei(N.UNPACK_SKIP_ROWS,Wt),lt.pixelStorei(N.UNPACK_SKIP_IMAGES,Qt);let vi=E.isDataArrayTexture||E.isData3DTexture,Gi=B.isDataArrayTexture||B.isData3DTexture;if(E.isDepthTexture){let ie=Ut.get(E),We=Ut.get(B),Fn=Ut.get(ie.__renderTarget),Me=Ut.get(We.__renderTarget);lt.bindFramebuffer(N.READ_FRAMEBUFFER,Fn.__webglFramebuffer),lt.bindFramebuffer(N.DRAW_FRAMEBUFFER,Me.__webglFramebuffer);for(let ke=0;ke<St;ke++)vi&&(N.framebufferTextureLayer(N.READ_FRAMEBUFFER,N.COLOR_ATTACHMENT0,Ut.get(E).__webglTexture,W,Qt+ke),N.framebufferTextureLayer(N.DRAW_FRAMEBUFFER,N.COLOR_ATTACHMENT0,Ut.get(B).__webglTexture,gt,Le+ke)),N.blitFramebuffer(At,Wt,At+wt,Wt+pt,Tt,te,Tt+wt,te+pt,N.DEPTH_BUFFER_BIT,N.NEAREST);lt.bindFramebuffer(N.READ_FRAMEBUFFER,null),lt.bindFramebuffer(N.DRAW_FRAMEBUFFER,null)}else if(W!==0||E.isRenderTargetTexture||Ut.has(E)){let ie=Ut.get(E),We=Ut.get(B);lt.bindFramebuffer(N.READ_FRAMEBUFFER,L),lt.bindFramebuffer(N.DRAW_FRAMEBUFFER,k);for(let Fn=0;Fn<St;Fn++)vi?N.framebufferTextureLayer(N.READ_FRAMEBUFFER,N.COLOR_ATTACHMENT0,ie.__webglTexture,W,Qt+Fn):N.framebufferTexture2D(N.READ_FRAMEBUFFER,N.COLOR_ATTACHMENT0,N.TEXTURE_2D,ie.__webglTexture,W),Gi?N.framebufferTextureLayer(N.DRAW_FRAMEBUFFER,N.COLOR_ATTACHMENT0,We.__webglTexture,gt,Le+Fn):N.framebufferTexture2D(N.DRAW_FRAMEBUFFER,N.COLOR_ATTACHMENT0,N.TEXTURE_2D,We.__webglTexture,gt),W!==0?N.blitFramebuffer(At,Wt,At+wt,Wt+pt,Tt,te,Tt+wt,te+pt,N.COLOR_BUFFER_BIT,N.NEAREST):Gi?N.copyTexSubImage3D(Et,gt,Tt,te,Le+Fn,At,Wt,wt,pt):N.copyTexSubImage2D(Et,gt,Tt,te,At,Wt,wt,pt);lt.bindFramebuffer(N.READ_FRAMEBUFFER,null),lt.bindFramebuffer(N.DRAW_FRAMEBUFFER,null)}else Gi?E.isDataTexture||E.isData3DTexture?N.texSubImage3D(Et,gt,Tt,te,Le,wt,pt,St,fe,Je,_e.data):B.isCompressedArrayTexture?N.compressedTexSubImage3D(Et,gt,Tt,te,Le,wt,pt,St,fe,_e.data):N.texSubImage3D(Et,gt,Tt,te,Le,wt,pt,St,fe,Je,_e):E.isDataTexture?N.texSubImage2D(N.TEXTURE_2D,gt,Tt,te,wt,pt,fe,Je,_e.data):E.isCompressedTexture?N.compressedTexSubImage2D(N.TEXTURE_2D,gt,Tt,te,_e.width,_e.height,fe,_e.data):N.texSubImage2D(N.TEXTURE_2D,gt,Tt,te,wt,pt,fe,Je,_e);lt.pixelStorei(N.UNPACK_ROW_LENGTH,an),lt.pixelStorei(N.UNPACK_IMAGE_HEIGHT,se),lt.pixelStorei(N.UNPACK_SKIP_PIXELS,Hi),lt.pixelStorei(N.UNPACK_SKIP_ROWS,Ke),lt.pixelStorei(N.UNPACK_SKIP_IMAGES,So),gt===0&&B.generateMipmaps===!0&&B.mipmapsAutoUpdate===!0&&N.generateMipmap(Et),lt.unbindTexture()},this.initRenderTarget=function(E){Ut.get(E).__webglFramebuffer===void 0&&Ht.setupRenderTarget(E)},this.initTexture=function(E){E.isCubeTexture?Ht.setTextureCube(E,0):E.isData3DTexture?Ht.setTexture3D(E,0):E.isDataArrayTexture||E.isCompressedArrayTexture?Ht.setTexture2DArray(E,0):Ht.setTexture2D(E,0),lt.unbindTexture()},this.resetState=function(){z=0,G=0,it=null,lt.reset(),ht.reset()},typeof __THREE_DEVTOOLS__<"u"&&__THREE_DEVTOOLS__.dispatchEvent(new CustomEvent("observe",{detail:this}))}get coordinateSystem(){return Pn}get outputColorSpace(){return this._outputColorSpace}set outputColorSpace(t){this._outputColorSpace=t;let e=this.getContext();e.drawingBufferColorSpace=Kt._getDrawingBufferColorSpace(t),e.unpackColorSpace=Kt._getUnpackColorSpace()}}});var qs,oo,Rl,Pl=It(()=>{qs=Math.pow(2,-24),oo=Symbol("SKIP_GENERATION"),Rl={strategy:0,maxDepth:40,targetLeafSize:10,useSharedArrayBuffer:!1,setBoundingBox:!0,onProgress:null,indirect:!1,verbose:!0,range:null,[oo]:!1}});function pe(s,t,e){return e.min.x=t[s],e.min.y=t[s+1],e.min.z=t[s+2],e.max.x=t[s+3],e.max.y=t[s+4],e.max.z=t[s+5],e}function ao(s){let t=-1,e=-1/0;for(let i=0;i<3;i++){let n=s[i+3]-s[i];n>e&&(e=n,t=i)}return t}function Wh(s,t,e){for(let i=0;i<3;i++){let n=t[s+2*i],r=t[s+2*i+1],o=n-r,a=n+r;o<e[i]&&(e[i]=o),a>e[i+3]&&(e[i+3]=a)}}function Il(s){let t=s[3]-s[0],e=s[4]-s[1],i=s[5]-s[2];return 2*(t*e+e*i+i*t)}var Ni=It(()=>{});function ne(s,t){return t[s+15]===65535}function he(s,t){return t[s+6]}function de(s,t){return t[s+14]}function ae(s){return s+8}function le(s,t){let e=t[s+6];return s+e*8}function Xs(s,t){return t[s+7]}var yn=It(()=>{});function Ll(s,t,e,i,n){let r=1/0,o=1/0,a=1/0,l=-1/0,c=-1/0,h=-1/0,u=1/0,d=1/0,f=1/0,m=-1/0,y=-1/0,p=-1/0,g=s.offset||0;for(let x=(t-g)*6,S=(t+e-g)*6;x<S;x+=6){let v=s[x+0],M=s[x+1],w=v-M,_=v+M;w<r&&(r=w),_>l&&(l=_),v<u&&(u=v),v>m&&(m=v);let b=s[x+2],C=s[x+3],A=b-C,I=b+C;A<o&&(o=A),I>c&&(c=I),b<d&&(d=b),b>y&&(y=b);let R=s[x+4],F=s[x+5],L=R-F,k=R+F;L<a&&(a=L),k>h&&(h=k),R<f&&(f=R),R>p&&(p=R)}i[0]=r,i[1]=o,i[2]=a,i[3]=l,i[4]=c,i[5]=h,n[0]=u,n[1]=d,n[2]=f,n[3]=m,n[4]=y,n[5]=p}var Jf=It(()=>{});function qv(s,t,e,i){for(let n=0;n<3;n++){let r=t[s+2*n],o=t[s+2*n+1],a=r-o,l=r+o;a<e[i+n]&&(e[i+n]=a),l>e[i+n+3]&&(e[i+n+3]=l)}}function Qf(s,t){let e=s[t+3]-s[t],i=s[t+4]-s[t+1],n=s[t+5]-s[t+2];return 2*(e*i+i*n+n*e)}function tp(s,t,e,i,n,r){let o=-1,a=0;if(r===0)o=ao(t),o!==-1&&(a=(t[o]+t[o+3])/2);else if(r===1)o=ao(s),o!==-1&&(a=Xv(e,i,n,o));else if(r===2){let l=Il(s),c=1.25*n,h=e.offset||0,u=(i-h)*6,d=(i+n-h)*6;for(let f=0;f<3;f++){let m=t[f],g=(t[f+3]-m)/ei;if(n<Xh){for(let x=0;x<n;x++){let S=u+x*6,v=e[S+2*f],M=x;for(;M>0&&e[Ui[M-1]+2*f]>v;)Ui[M]=Ui[M-1],M--;Ui[M]=S}for(let x=0;x<3;x++)Wn[x]=1/0,Wn[x+3]=-1/0,Dl[x]=1/0,Dl[x+3]=-1/0;for(let x=n-1;x>=0;x--)Wh(Ui[x],e,Dl),jf.set(Dl,x*6);for(let x=0;x<n-1;x++){Wh(Ui[x],e,Wn);let S=e[Ui[x+1]+2*f];if(e[Ui[x]+2*f]===S)continue;let v=x+1,M=n-v,w=Il(Wn)/l,_=Qf(jf,v*6)/l,b=1+1.25*(w*v+_*M);b<c&&(o=f,c=b,a=S)}}else{for(let v=0;v<ei;v++){qh[v]=0;for(let M=0;M<3;M++)ti[v*6+M]=1/0,ti[v*6+M+3]=-1/0}for(let v=u;v<d;v+=6){let _=~~((e[v+2*f]-m)/g);_>=ei&&(_=ei-1),qh[_]++,qv(v,e,ti,_*6)}let x=(ei-1)*6;for(let v=0;v<6;v++)Ys[x+v]=ti[x+v];for(let v=ei-2;v>=0;v--){let M=v*6,w=M+6;for(let _=0;_<3;_++)Ys[M+_]=Math.min(ti[M+_],Ys[w+_]),Ys[M+_+3]=Math.max(ti[M+_+3],Ys[w+_+3])}let S=0;for(let v=0;v<ei-1;v++){let M=v*6,w=qh[v];if(w!==0)for(let I=0;I<3;I++)S===0?(Wn[I]=ti[M+I],Wn[I+3]=ti[M+I+3]):(Wn[I]=Math.min(Wn[I],ti[M+I]),Wn[I+3]=Math.max(Wn[I+3],ti[M+I+3]));S+=w;let _=0,b=0;S!==0&&(_=Il(Wn)/l);let C=n-S;C!==0&&(b=Qf(Ys,M+6)/l);let A=1+1.25*(_*S+b*C);A<c&&(o=f,c=A,a=m+g+v*g)}}}}else console.warn(`BVH: Invalid build strategy value ${r} used.`);return{axis:o,pos:a}}function Xv(s,t,e,i){let n=0,r=s.offset;for(let o=t,a=t+e;o<a;o++)n+=s[(o-r)*6+i*2];return n/e}var ei,Xh,qh,ti,Ys,Wn,Dl,Ui,jf,ep=It(()=>{Ni();ei=8,Xh=8,qh=new Int32Array(ei),ti=new Float32Array(ei*6),Ys=new Float32Array(ei*6),Wn=new Float32Array(6),Dl=new Float32Array(6),Ui=new Int32Array(Xh),jf=new Float32Array(Xh*6)});function np(s,t,e,i,n,r){let o=i,a=i+n-1,l=r.pos,c=r.axis*2,h=e.offset||0;for(;;){for(;o<=a&&e[(o-h)*6+c]<l;)o++;for(;o<=a&&e[(a-h)*6+c]>=l;)a--;if(o<a){for(let u=0;u<t;u++){let d=s[o*t+u];s[o*t+u]=s[a*t+u],s[a*t+u]=d}for(let u=0;u<6;u++){let d=o-h,f=a-h,m=e[d*6+u];e[d*6+u]=e[f*6+u],e[f*6+u]=m}o++,a--}else return o}}var ip=It(()=>{});function $v(s,t,e,i,n,r){let{maxDepth:o,verbose:a,targetLeafSize:l,_strictLeafSize:c=1/0,strategy:h,onProgress:u,useSharedArrayBuffer:d=!1}=n,f=s.primitiveBuffer,m=s.primitiveBufferStride,y=d?SharedArrayBuffer:ArrayBuffer,p=new y(32*Math.max(1,2*Math.ceil(i)-1)),g=new Float32Array(p),x=new Uint32Array(p),S=new Uint16Array(p),v=0,M=!1;return Ll(t,e,i,$s,Nl),b(e,i,0),p.slice(0,v*32);function w(C){u&&u((C-r.offset)/r.count)}function _(C,A,I){let R=C*2;x[C+6]=A,S[R+14]=I,S[R+15]=65535,w(A+I)}function b(C,A,I){let R=v++,F=R*8;g.set($s,F),!M&&I>=o&&(M=!0,a&&console.warn(`BVH: Max depth of ${o} reached when generating BVH. Consider increasing maxDepth.`));let L=A>c;if(A<=l&&!L||I>=o){_(F,C,A);return}let k=tp($s,Nl,t,C,A,h),z=k.axis===-1?-1:np(f,m,t,C,A,k);if(k.axis===-1||z===C||z===C+A){if(!L){_(F,C,A);return}k.axis=Math.max(0,ao($s)),z=C+Math.max(1,Math.floor(A/2))}x[F+7]=k.axis;let G=z-C;Ll(t,C,G,$s,Nl),b(C,G,I+1);let it=v-R;if(it>Yv)throw new Error("MeshBVH: Cannot store relative child node offset greater than 32 bits.");x[F+6]=it;let Y=A-G;Ll(t,z,Y,$s,Nl),b(z,Y,I+1)}}function sp(s,t){let e=s.getRootRanges(t.range),i=e[0],n=e[e.length-1],r={offset:i.offset,count:n.offset+n.count-i.offset},o=new Float32Array(6*r.count);o.offset=r.offset,s.computePrimitiveBounds(r.offset,r.count,o),s._roots=e.map(a=>$v(s,o,a.offset,a.count,t,r))}var Yv,$s,Nl,rp=It(()=>{Jf();ep();Ni();ip();Yv=Math.pow(2,32),$s=new Float32Array(6),Nl=new Float32Array(6)});var Fi,Ul=It(()=>{Fi=class{constructor(t){this._getNewPrimitive=t,this._primitives=[]}getPrimitive(){let t=this._primitives;return t.length===0?this._getNewPrimitive():t.pop()}releasePrimitive(t){this._primitives.push(t)}}});var Yh,jt,_i=It(()=>{Yh=class{constructor(){this.float32Array=null,this.uint16Array=null,this.uint32Array=null;let t=[],e=null;this.setBuffer=i=>{e&&t.push(e),e=i,this.float32Array=new Float32Array(i),this.uint16Array=new Uint16Array(i),this.uint32Array=new Uint32Array(i)},this.clearBuffer=()=>{e=null,this.float32Array=null,this.uint16Array=null,this.uint32Array=null,t.length!==0&&this.setBuffer(t.pop())}}},jt=new Yh});function op(s,t,e,i,n,r){Oi=Fl.getPrimitive(),Js=Fl.getPrimitive(),Zs.push(Oi,Js),jt.setBuffer(s._roots[t]);let o=$h(0,s.geometry,e,i,n,r);jt.clearBuffer(),Fl.releasePrimitive(Oi),Fl.releasePrimitive(Js),Zs.pop(),Zs.pop();let a=Zs.length;return a>0&&(Js=Zs[a-1],Oi=Zs[a-2]),o}function $h(s,t,e,i,n=null,r=0,o=0){let{float32Array:a,uint16Array:l,uint32Array:c}=jt,h=s*2;if(ne(h,l)){let d=he(s,c),f=de(h,l);return pe(s,a,Oi),i(d,f,!1,o,r+s/8,Oi)}else{let A=function(R){let{uint16Array:F,uint32Array:L}=jt,k=R*2;for(;!ne(k,F);)R=ae(R),k=R*2;return he(R,L)},I=function(R){let{uint16Array:F,uint32Array:L}=jt,k=R*2;for(;!ne(k,F);)R=le(R,L),k=R*2;return he(R,L)+de(k,F)},d=ae(s),f=le(s,c),m=d,y=f,p,g,x,S;if(n&&(x=Oi,S=Js,pe(m,a,x),pe(y,a,S),p=n(x),g=n(S),g<p)){m=f,y=d;let R=p;p=g,g=R,x=S}x||(x=Oi,pe(m,a,x));let v=ne(m*2,l),M=e(x,v,p,o+1,r+m/8),w;if(M===2){let R=A(m),L=I(m)-R;w=i(R,L,!0,o+1,r+m/8,x)}else w=M&&$h(m,t,e,i,n,r,o+1);if(w)return!0;S=Js,pe(y,a,S);let _=ne(y*2,l),b=e(S,_,g,o+1,r+y/8),C;if(b===2){let R=A(y),L=I(y)-R;C=i(R,L,!0,o+1,r+y/8,S)}else C=b&&$h(y,t,e,i,n,r,o+1);return!!C}}var Oi,Js,Zs,Fl,ap=It(()=>{Ae();Ni();Ul();yn();_i();Zs=[],Fl=new Fi(()=>new re)});function lp(s,t,e,i){if(jh)throw new Error("MeshBVH: Recursive calls to bvhcast not supported.");jh=!0;let n=s._roots,r=t._roots,o,a=0,l=0,c=new kt().copy(e).invert();for(let h=0,u=n.length;h<u;h++){lo.setBuffer(n[h]),l=0;let d=Bi.getPrimitive();pe(0,lo.float32Array,d),d.applyMatrix4(c);for(let f=0,m=r.length;f<m&&(Ol.setBuffer(r[f]),o=qn(0,0,e,c,i,a,l,0,0,d),Ol.clearBuffer(),l+=r[f].byteLength/32,!o);f++);if(Bi.releasePrimitive(d),lo.clearBuffer(),a+=n[h].byteLength/32,o)break}return jh=!1,o}function qn(s,t,e,i,n,r=0,o=0,a=0,l=0,c=null,h=!1){let u,d;h?(u=Ol,d=lo):(u=lo,d=Ol);let f=u.float32Array,m=u.uint32Array,y=u.uint16Array,p=d.float32Array,g=d.uint32Array,x=d.uint16Array,S=s*2,v=t*2,M=ne(S,y),w=ne(v,x),_=!1;if(w&&M)h?_=n(he(t,g),de(t*2,x),he(s,m),de(s*2,y),l,o+t/8,a,r+s/8):_=n(he(s,m),de(s*2,y),he(t,g),de(t*2,x),a,r+s/8,l,o+t/8);else if(w){let b=Bi.getPrimitive();pe(t,p,b),b.applyMatrix4(e);let C=ae(s),A=le(s,m);pe(C,f,Ks),pe(A,f,js);let I=b.intersectsBox(Ks),R=b.intersectsBox(js);_=I&&qn(t,C,i,e,n,o,r,l,a+1,b,!h)||R&&qn(t,A,i,e,n,o,r,l,a+1,b,!h),Bi.releasePrimitive(b)}else{let b=ae(t),C=le(t,g);pe(b,p,Jh),pe(C,p,Kh);let A=c.intersectsBox(Jh),I=c.intersectsBox(Kh);if(A&&I)_=qn(s,b,e,i,n,r,o,a,l+1,c,h)||qn(s,C,e,i,n,r,o,a,l+1,c,h);else if(A)if(M)_=qn(s,b,e,i,n,r,o,a,l+1,c,h);else{let R=Bi.getPrimitive();R.copy(Jh).applyMatrix4(e);let F=ae(s),L=le(s,m);pe(F,f,Ks),pe(L,f,js);let k=R.intersectsBox(Ks),z=R.intersectsBox(js);_=k&&qn(b,F,i,e,n,o,r,l,a+1,R,!h)||z&&qn(b,L,i,e,n,o,r,l,a+1,R,!h),Bi.releasePrimitive(R)}else if(I)if(M)_=qn(s,C,e,i,n,r,o,a,l+1,c,h);else{let R=Bi.getPrimitive();R.copy(Kh).applyMatrix4(e);let F=ae(s),L=le(s,m);pe(F,f,Ks),pe(L,f,js);let k=R.intersectsBox(Ks),z=R.intersectsBox(js);_=k&&qn(C,F,i,e,n,o,r,l,a+1,R,!h)||z&&qn(C,L,i,e,n,o,r,l,a+1,R,!h),Bi.releasePrimitive(R)}}return _}var lo,Ol,Bi,Ks,js,Jh,Kh,jh,cp=It(()=>{Ae();_i();yn();Ni();Ul();lo=new jt.constructor,Ol=new jt.constructor,Bi=new Fi(()=>new re),Ks=new re,js=new re,Jh=new re,Kh=new re,jh=!1});var Bl,hp=It(()=>{yn();Bl=new class{constructor(){let s=null,t=null,e=null,i=!1;this.root=null,this.buffer=null,this.uint32Array=null,this.uint16Array=null,this.setBVH=(r,o)=>{if(i)throw new Error("BVHTraversalHelper: cannot call setBVH during an active traversal.");this.root=o,this.buffer=s=r._roots[o],this.uint16Array=e=new Uint16Array(s),this.uint32Array=t=new Uint32Array(s)},this.reset=()=>{this.root=null,this.buffer=s=null,this.uint16Array=e=null,this.uint32Array=t=null},this.getRangeStart=r=>{let o=r*2;for(;!ne(o,e);)r=ae(r),o=r*2;return he(r,t)},this.getRangeEnd=r=>{let o=r*2;for(;!ne(o,e);)r=le(r,t),o=r*2;return he(r,t)+de(o,e)};let n=(r,o,a)=>{let l=o*2,c=ne(l,e);if(!r(a,c,o)&&!c){let u=ae(o),d=le(o,t);n(r,u,a+1),n(r,d,a+1)}};this.traverseBuffer=r=>{if(i)throw new Error("BVHTraversalHelper: cannot start a traversal during an active traversal.");i=!0;try{n(r,0,0)}finally{i=!1}},this.traverse=r=>{this.traverseBuffer((o,a,l)=>{if(a){let c=l*2,h=t[l+6],u=e[c+14];return r(o,a,new Float32Array(s,l*4,6),h,u)}else{let c=Xs(l,t);return r(o,a,new Float32Array(s,l*4,6),c)}})}}}});var up,Qs,kl,Qh=It(()=>{Ae();Pl();Ni();yn();rp();ap();cp();hp();up=new re,Qs=new Float32Array(6),kl=class{constructor(){this._roots=null,this.primitiveBuffer=null,this.primitiveBufferStride=null}init(t){t={...Rl,...t},"maxLeafSize"in t&&(console.warn('BVH: "maxLeafSize" option has been deprecated. Use "targetLeafSize", instead.'),t={...t,targetLeafSize:t.maxLeafSize}),sp(this,t)}getRootRanges(){throw new Error("BVH: getRootRanges() not implemented")}writePrimitiveBounds(){throw new Error("BVH: writePrimitiveBounds() not implemented")}writePrimitiveRangeBounds(t,e,i,n){let r=1/0,o=1/0,a=1/0,l=-1/0,c=-1/0,h=-1/0;for(let u=t,d=t+e;u<d;u++){this.writePrimitiveBounds(u,Qs,0);let[f,m,y,p,g,x]=Qs;f<r&&(r=f),p>l&&(l=p),m<o&&(o=m),g>c&&(c=g),y<a&&(a=y),x>h&&(h=x)}return i[n+0]=r,i[n+1]=o,i[n+2]=a,i[n+3]=l,i[n+4]=c,i[n+5]=h,i}computePrimitiveBounds(t,e,i){let n=i.offset||0;for(let r=t,o=t+e;r<o;r++){this.writePrimitiveBounds(r,Qs,0);let[a,l,c,h,u,d]=Qs,f=(a+h)/2,m=(l+u)/2,y=(c+d)/2,p=(h-a)/2,g=(u-l)/2,x=(d-c)/2,S=(r-n)*6;i[S+0]=f,i[S+1]=p+(Math.abs(f)+p)*qs,i[S+2]=m,i[S+3]=g+(Math.abs(m)+g)*qs,i[S+4]=y,i[S+5]=x+(Math.abs(y)+x)*qs}return i}shiftPrimitiveOffsets(t){let e=this._indirectBuffer;if(e)for(let i=0,n=e.length;i<n;i++)e[i]+=t;else{let i=this._roots;for(let n=0;n<i.length;n++){let r=i[n],o=new Uint32Array(r),a=new Uint16Array(r),l=r.byteLength/32;for(let c=0;c<l;c++){let h=8*c,u=2*h;ne(u,a)&&(o[h+6]+=t)}}}}traverse(t,e=0){Bl.setBVH(this,e),Bl.traverse(t),Bl.reset()}refit(){let t=this._roots;for(let e=0,i=t.length;e<i;e++){let n=t[e],r=new Uint32Array(n),o=new Uint16Array(n),a=new Float32Array(n),l=n.byteLength/32;for(let c=l-1;c>=0;c--){let h=c*8,u=h*2;if(ne(u,o)){let f=he(h,r),m=de(u,o);this.writePrimitiveRangeBounds(f,m,Qs,0),a.set(Qs,h)}else{let f=ae(h),m=le(h,r);for(let y=0;y<3;y++){let p=a[f+y],g=a[f+y+3],x=a[m+y],S=a[m+y+3];a[h+y]=p<x?p:x,a[h+y+3]=g>S?g:S}}}}}getBoundingBox(t){return t.makeEmpty(),this._roots.forEach(i=>{pe(0,new Float32Array(i),up),t.union(up)}),t}shapecast(t){let{boundsTraverseOrder:e,intersectsBounds:i,intersectsRange:n,intersectsPrimitive:r,scratchPrimitive:o,iterate:a}=t;if(n&&r){let u=n;n=(d,f,m,y,p)=>u(d,f,m,y,p)?!0:a(d,f,this,r,m,y,o)}else n||(r?n=(u,d,f,m)=>a(u,d,this,r,f,m,o):n=(u,d,f)=>f);let l=!1,c=0,h=this._roots;for(let u=0,d=h.length;u<d;u++){let f=h[u];if(l=op(this,u,i,n,e,c),l)break;c+=f.byteLength/32}return l}bvhcast(t,e,i){let{intersectsRanges:n}=i;return lp(this,t,e,n)}}});function dp(){return typeof SharedArrayBuffer<"u"}var fp=It(()=>{});function tu(s){return s.index?s.index.count:s.attributes.position.count}function ki(s){return tu(s)/3}function Jv(s,t=ArrayBuffer){return s>65535?new Uint32Array(new t(4*s)):new Uint16Array(new t(2*s))}function pp(s,t){if(!s.index){let e=s.attributes.position.count,i=t.useSharedArrayBuffer?SharedArrayBuffer:ArrayBuffer,n=Jv(e,i);s.setIndex(new we(n,1));for(let r=0;r<e;r++)n[r]=r}}function Kv(s,t,e){let i=tu(s)/e,n=t||s.drawRange,r=n.start/e,o=(n.start+n.count)/e,a=Math.max(0,r),l=Math.min(i,o)-a;return{offset:Math.floor(a),count:Math.floor(l)}}function jv(s,t){return s.groups.map(e=>({offset:e.start/t,count:e.count/t}))}function eu(s,t,e){let i=Kv(s,t,e),n=jv(s,e);if(!n.length)return[i];let r=[],o=i.offset,a=i.offset+i.count,l=tu(s)/e,c=[];for(let d of n){let{offset:f,count:m}=d,y=f,p=isFinite(m)?m:l-f,g=f+p;y<a&&g>o&&(c.push({pos:Math.max(o,y),isStart:!0}),c.push({pos:Math.min(a,g),isStart:!1}))}c.sort((d,f)=>d.pos!==f.pos?d.pos-f.pos:d.type==="end"?-1:1);let h=0,u=null;for(let d of c){let f=d.pos;h!==0&&f!==u&&r.push({offset:u,count:f-u}),h+=d.isStart?1:-1,u=f}return r}var tr=It(()=>{Ae()});function Qv(s,t){let e=s[s.length-1],i=e.offset+e.count>2**16,n=s.reduce((c,h)=>c+h.count,0),r=i?4:2,o=t?new SharedArrayBuffer(n*r):new ArrayBuffer(n*r),a=i?new Uint32Array(o):new Uint16Array(o),l=0;for(let c=0;c<s.length;c++){let{offset:h,count:u}=s[c];for(let d=0;d<u;d++)a[l+d]=h+d;l+=u}return a}var zl,nu=It(()=>{Ae();Pl();fp();tr();Qh();zl=class extends kl{get indirect(){return!!this._indirectBuffer}get primitiveStride(){return null}get primitiveBufferStride(){return this.indirect?1:this.primitiveStride}set primitiveBufferStride(t){}get primitiveBuffer(){return this.indirect?this._indirectBuffer:this.geometry.index.array}set primitiveBuffer(t){}constructor(t,e={}){if(t.isBufferGeometry){if(t.index&&t.index.isInterleavedBufferAttribute)throw new Error("BVH: InterleavedBufferAttribute is not supported for the index attribute.")}else throw new Error("BVH: Only BufferGeometries are supported.");if(e.useSharedArrayBuffer&&!dp())throw new Error("BVH: SharedArrayBuffer is not available.");super(),this.geometry=t,this.resolvePrimitiveIndex=e.indirect?i=>this._indirectBuffer[i]:i=>i,this.primitiveBuffer=null,this.primitiveBufferStride=null,this._indirectBuffer=null,e={...Rl,...e},e[oo]||this.init(e)}init(t){let{geometry:e,primitiveStride:i}=this;if(t.indirect){let n=eu(e,t.range,i),r=Qv(n,t.useSharedArrayBuffer);this._indirectBuffer=r}else pp(e,t);super.init(t),!e.boundingBox&&t.setBoundingBox&&(e.boundingBox=this.getBoundingBox(new re))}getRootRanges(t){return this.indirect?[{offset:0,count:this._indirectBuffer.length}]:eu(this.geometry,t,this.primitiveStride)}raycastObject3D(){throw new Error("BVH: raycastObject3D() not implemented")}}});var Cn,iu=It(()=>{Ae();Cn=class{constructor(){this.min=1/0,this.max=-1/0}setFromPointsField(t,e){let i=1/0,n=-1/0;for(let r=0,o=t.length;r<o;r++){let l=t[r][e];i=l<i?l:i,n=l>n?l:n}this.min=i,this.max=n}setFromPoints(t,e){let i=1/0,n=-1/0;for(let r=0,o=e.length;r<o;r++){let a=e[r],l=t.dot(a);i=l<i?l:i,n=l>n?l:n}this.min=i,this.max=n}isSeparated(t){return this.min>t.max||t.min>this.max}};Cn.prototype.setFromBox=(function(){let s=new P;return function(e,i){let n=i.min,r=i.max,o=1/0,a=-1/0;for(let l=0;l<=1;l++)for(let c=0;c<=1;c++)for(let h=0;h<=1;h++){s.x=n.x*l+r.x*(1-l),s.y=n.y*c+r.y*(1-c),s.z=n.z*h+r.z*(1-h);let u=e.dot(s);o=Math.min(u,o),a=Math.max(u,a)}this.min=o,this.max=a}})()});var tS,co,mp,su=It(()=>{Ae();tS=(function(){let s=new P,t=new P,e=new P;return function(n,r,o){let a=n.start,l=s,c=r.start,h=t;e.subVectors(a,c),s.subVectors(n.end,n.start),t.subVectors(r.end,r.start);let u=e.dot(h),d=h.dot(l),f=h.dot(h),m=e.dot(l),p=l.dot(l)*f-d*d,g,x;p!==0?g=(u*d-m*f)/p:g=0,x=(u+g*d)/f,o.x=g,o.y=x}})(),co=(function(){let s=new ut,t=new P,e=new P;return function(n,r,o,a){tS(n,r,s);let l=s.x,c=s.y;if(l>=0&&l<=1&&c>=0&&c<=1){n.at(l,o),r.at(c,a);return}else if(l>=0&&l<=1){c<0?r.at(0,a):r.at(1,a),n.closestPointToPoint(a,!0,o);return}else if(c>=0&&c<=1){l<0?n.at(0,o):n.at(1,o),r.closestPointToPoint(o,!0,a);return}else{let h;l<0?h=n.start:h=n.end;let u;c<0?u=r.start:u=r.end;let d=t,f=e;if(n.closestPointToPoint(u,!0,t),r.closestPointToPoint(h,!0,e),d.distanceToSquared(u)<=f.distanceToSquared(h)){o.copy(d),a.copy(u);return}else{o.copy(h),a.copy(f);return}}}})(),mp=(function(){let s=new P,t=new P,e=new qe,i=new dn;return function(r,o){let{radius:a,center:l}=r,{a:c,b:h,c:u}=o;if(i.start=c,i.end=h,i.closestPointToPoint(l,!0,s).distanceTo(l)<=a||(i.start=c,i.end=u,i.closestPointToPoint(l,!0,s).distanceTo(l)<=a)||(i.start=h,i.end=u,i.closestPointToPoint(l,!0,s).distanceTo(l)<=a))return!0;let y=o.getPlane(e);if(Math.abs(y.distanceToPoint(l))<=a){let g=y.projectPoint(l,t);if(o.containsPoint(g))return!0}return!1}})()});function Un(s){return Math.abs(s)<xi}var eS,xi,gp,$e,er=It(()=>{Ae();iu();su();eS=["x","y","z"],xi=1e-15,gp=xi*xi;$e=class extends en{constructor(...t){super(...t),this.isExtendedTriangle=!0,this.satAxes=new Array(4).fill().map(()=>new P),this.satBounds=new Array(4).fill().map(()=>new Cn),this.points=[this.a,this.b,this.c],this.plane=new qe,this.isDegenerateIntoSegment=!1,this.isDegenerateIntoPoint=!1,this.degenerateSegment=new dn,this.needsUpdate=!0}intersectsSphere(t){return mp(t,this)}update(){let t=this.a,e=this.b,i=this.c,n=this.points,r=this.satAxes,o=this.satBounds,a=r[0],l=o[0];this.getNormal(a),l.setFromPoints(a,n);let c=r[1],h=o[1];c.subVectors(t,e),h.setFromPoints(c,n);let u=r[2],d=o[2];u.subVectors(e,i),d.setFromPoints(u,n);let f=r[3],m=o[3];f.subVectors(i,t),m.setFromPoints(f,n);let y=c.length(),p=u.length(),g=f.length();this.isDegenerateIntoPoint=!1,this.isDegenerateIntoSegment=!1,y<xi?p<xi||g<xi?this.isDegenerateIntoPoint=!0:(this.isDegenerateIntoSegment=!0,this.degenerateSegment.start.copy(t),this.degenerateSegment.end.copy(i)):p<xi?g<xi?this.isDegenerateIntoPoint=!0:(this.isDegenerateIntoSegment=!0,this.degenerateSegment.start.copy(e),this.degenerateSegment.end.copy(t)):g<xi&&(this.isDegenerateIntoSegment=!0,this.degenerateSegment.start.copy(i),this.degenerateSegment.end.copy(e)),this.plane.setFromNormalAndCoplanarPoint(a,t),this.needsUpdate=!1}};$e.prototype.closestPointToSegment=(function(){let s=new P,t=new P,e=new dn;return function(n,r=null,o=null){this.needsUpdate&&this.update();let{start:a,end:l}=n,c=this.points,h,u=1/0,d=this.plane.distanceToPoint(a),f=this.plane.distanceToPoint(l);if(d*f<0&&this.plane.intersectLine(n,s)!==null&&this.containsPoint(s))return r&&r.copy(s),o&&o.copy(s),0;for(let m=0;m<3;m++){let y=(m+1)%3;e.start.copy(c[m]),e.end.copy(c[y]),co(e,n,s,t),h=s.distanceToSquared(t),h<u&&(u=h,r&&r.copy(s),o&&o.copy(t))}return this.closestPointToPoint(a,s),h=a.distanceToSquared(s),h<u&&(u=h,r&&r.copy(s),o&&o.copy(a)),this.closestPointToPoint(l,s),h=l.distanceToSquared(s),h<u&&(u=h,r&&r.copy(s),o&&o.copy(l)),Math.sqrt(u)}})();$e.prototype.intersectsTriangle=(function(){let s=new $e,t=new Cn,e=new Cn,i=new P,n=new P,r=new P,o=new P,a=new dn,l=new dn,c=new P,h=new ut,u=new ut;function d(S,v,M,w){let _=i;!S.isDegenerateIntoPoint&&!S.isDegenerateIntoSegment?_.copy(S.plane.normal):_.copy(v.plane.normal);let b=S.satBounds,C=S.satAxes;for(let R=1;R<4;R++){let F=b[R],L=C[R];if(t.setFromPoints(L,v.points),F.isSeparated(t)||(o.copy(_).cross(L),t.setFromPoints(o,S.points),e.setFromPoints(o,v.points),t.isSeparated(e)))return!1}let A=v.satBounds,I=v.satAxes;for(let R=1;R<4;R++){let F=A[R],L=I[R];if(t.setFromPoints(L,S.points),F.isSeparated(t)||(o.crossVectors(_,L),t.setFromPoints(o,S.points),e.setFromPoints(o,v.points),t.isSeparated(e)))return!1}return M&&(w||console.warn("ExtendedTriangle.intersectsTriangle: Triangles are coplanar which does not support an output edge. Setting edge to 0, 0, 0."),M.start.set(0,0,0),M.end.set(0,0,0)),!0}function f(S,v,M,w,_,b,C,A,I,R,F){let L=C/(C-A);R.x=w+(_-w)*L,F.start.subVectors(v,S).multiplyScalar(L).add(S),L=C/(C-I),R.y=w+(b-w)*L,F.end.subVectors(M,S).multiplyScalar(L).add(S)}function m(S,v,M,w,_,b,C,A,I,R,F){if(_>0)f(S.c,S.a,S.b,w,v,M,I,C,A,R,F);else if(b>0)f(S.b,S.a,S.c,M,v,w,A,C,I,R,F);else if(A*I>0||C!=0)f(S.a,S.b,S.c,v,M,w,C,A,I,R,F);else if(A!=0)f(S.b,S.a,S.c,M,v,w,A,C,I,R,F);else if(I!=0)f(S.c,S.a,S.b,w,v,M,I,C,A,R,F);else return!0;return!1}function y(S,v,M,w){let _=v.degenerateSegment,b=S.plane.distanceToPoint(_.start),C=S.plane.distanceToPoint(_.end);return Un(b)?Un(C)?d(S,v,M,w):(M&&(M.start.copy(_.start),M.end.copy(_.start)),S.containsPoint(_.start)):Un(C)?(M&&(M.start.copy(_.end),M.end.copy(_.end)),S.containsPoint(_.end)):S.plane.intersectLine(_,i)!=null?(M&&(M.start.copy(i),M.end.copy(i)),S.containsPoint(i)):!1}function p(S,v,M){let w=v.a;return Un(S.plane.distanceToPoint(w))&&S.containsPoint(w)?(M&&(M.start.copy(w),M.end.copy(w)),!0):!1}function g(S,v,M){let w=S.degenerateSegment,_=v.a;return w.closestPointToPoint(_,!0,i),_.distanceToSquared(i)<gp?(M&&(M.start.copy(_),M.end.copy(_)),!0):!1}function x(S,v,M,w){if(S.isDegenerateIntoSegment)if(v.isDegenerateIntoSegment){let _=S.degenerateSegment,b=v.degenerateSegment,C=n,A=r;_.delta(C),b.delta(A);let I=i.subVectors(b.start,_.start),R=C.x*A.y-C.y*A.x;if(Un(R))return!1;let F=(I.x*A.y-I.y*A.x)/R,L=-(C.x*I.y-C.y*I.x)/R;if(F<0||F>1||L<0||L>1)return!1;let k=_.start.z+C.z*F,z=b.start.z+A.z*L;return Un(k-z)?(M&&(M.start.copy(_.start).addScaledVector(C,F),M.end.copy(_.start).addScaledVector(C,F)),!0):!1}else return v.isDegenerateIntoPoint?g(S,v,M):y(v,S,M,w);else{if(S.isDegenerateIntoPoint)return v.isDegenerateIntoPoint?v.a.distanceToSquared(S.a)<gp?(M&&(M.start.copy(S.a),M.end.copy(S.a)),!0):!1:v.isDegenerateIntoSegment?g(v,S,M):p(v,S,M);if(v.isDegenerateIntoPoint)return p(S,v,M);if(v.isDegenerateIntoSegment)return y(S,v,M,w)}}return function(v,M=null,w=!1){this.needsUpdate&&this.update(),v.isExtendedTriangle?v.needsUpdate&&v.update():(s.copy(v),s.update(),v=s);let _=x(this,v,M,w);if(_!==void 0)return _;let b=this.plane,C=v.plane,A=C.distanceToPoint(this.a),I=C.distanceToPoint(this.b),R=C.distanceToPoint(this.c);Un(A)&&(A=0),Un(I)&&(I=0),Un(R)&&(R=0);let F=A*I,L=A*R;if(F>0&&L>0)return!1;let k=b.distanceToPoint(v.a),z=b.distanceToPoint(v.b),G=b.distanceToPoint(v.c);Un(k)&&(k=0),Un(z)&&(z=0),Un(G)&&(G=0);let it=k*z,Y=k*G;if(it>0&&Y>0)return!1;n.copy(b.normal),r.copy(C.normal);let tt=n.cross(r),nt=0,xt=Math.abs(tt.x),Dt=Math.abs(tt.y);Dt>xt&&(xt=Dt,nt=1),Math.abs(tt.z)>xt&&(nt=2);let at=eS[nt],bt=this.a[at],Rt=this.b[at],_t=this.c[at],Ft=v.a[at],xe=v.b[at],Ct=v.c[at];if(m(this,bt,Rt,_t,F,L,A,I,R,h,a))return d(this,v,M,w);if(m(v,Ft,xe,Ct,it,Y,k,z,G,u,l))return d(this,v,M,w);if(h.y<h.x){let Zt=h.y;h.y=h.x,h.x=Zt,c.copy(a.start),a.start.copy(a.end),a.end.copy(c)}if(u.y<u.x){let Zt=u.y;u.y=u.x,u.x=Zt,c.copy(l.start),l.start.copy(l.end),l.end.copy(c)}return h.y<u.x||u.y<h.x?!1:(M&&(u.x>h.x?M.start.copy(l.start):M.start.copy(a.start),u.y<h.y?M.end.copy(l.end):M.end.copy(a.end)),!0)}})();$e.prototype.distanceToPoint=(function(){let s=new P;return function(e){return this.closestPointToPoint(e,s),e.distanceTo(s)}})();$e.prototype.distanceToTriangle=(function(){let s=new P,t=new P,e=["a","b","c"],i=new dn,n=new dn;return function(o,a=null,l=null){let c=a||l?i:null;if(this.intersectsTriangle(o,c,!0))return(a||l)&&(a&&c.getCenter(a),l&&c.getCenter(l)),0;let h=1/0;for(let u=0;u<3;u++){let d,f=e[u],m=o[f];this.closestPointToPoint(m,s),d=m.distanceToSquared(s),d<h&&(h=d,a&&a.copy(s),l&&l.copy(m));let y=this[f];o.closestPointToPoint(y,s),d=y.distanceToSquared(s),d<h&&(h=d,a&&a.copy(y),l&&l.copy(s))}for(let u=0;u<3;u++){let d=e[u],f=e[(u+1)%3];i.set(this[d],this[f]);for(let m=0;m<3;m++){let y=e[m],p=e[(m+1)%3];n.set(o[y],o[p]),co(i,n,s,t);let g=s.distanceToSquared(t);g<h&&(h=g,a&&a.copy(s),l&&l.copy(t))}}return Math.sqrt(h)}})()});var Ce,ss=It(()=>{Ae();iu();er();su();Ce=class{constructor(t,e,i){this.isOrientedBox=!0,this.min=new P,this.max=new P,this.matrix=new kt,this.invMatrix=new kt,this.points=new Array(8).fill().map(()=>new P),this.satAxes=new Array(3).fill().map(()=>new P),this.satBounds=new Array(3).fill().map(()=>new Cn),this.alignedSatBounds=new Array(3).fill().map(()=>new Cn),this.needsUpdate=!1,t&&this.min.copy(t),e&&this.max.copy(e),i&&this.matrix.copy(i)}set(t,e,i){this.min.copy(t),this.max.copy(e),this.matrix.copy(i),this.needsUpdate=!0}copy(t){this.min.copy(t.min),this.max.copy(t.max),this.matrix.copy(t.matrix),this.needsUpdate=!0}};Ce.prototype.update=(function(){return function(){let t=this.matrix,e=this.min,i=this.max,n=this.points;for(let c=0;c<=1;c++)for(let h=0;h<=1;h++)for(let u=0;u<=1;u++){let d=1*c|2*h|4*u,f=n[d];f.x=c?i.x:e.x,f.y=h?i.y:e.y,f.z=u?i.z:e.z,f.applyMatrix4(t)}let r=this.satBounds,o=this.satAxes,a=n[0];for(let c=0;c<3;c++){let h=o[c],u=r[c],d=1<<c,f=n[d];h.subVectors(a,f),u.setFromPoints(h,n)}let l=this.alignedSatBounds;l[0].setFromPointsField(n,"x"),l[1].setFromPointsField(n,"y"),l[2].setFromPointsField(n,"z"),this.invMatrix.copy(this.matrix).invert(),this.needsUpdate=!1}})();Ce.prototype.intersectsBox=(function(){let s=new Cn;return function(e){this.needsUpdate&&this.update();let i=e.min,n=e.max,r=this.satBounds,o=this.satAxes,a=this.alignedSatBounds;if(s.min=i.x,s.max=n.x,a[0].isSeparated(s)||(s.min=i.y,s.max=n.y,a[1].isSeparated(s))||(s.min=i.z,s.max=n.z,a[2].isSeparated(s)))return!1;for(let l=0;l<3;l++){let c=o[l],h=r[l];if(s.setFromBox(c,e),h.isSeparated(s))return!1}return!0}})();Ce.prototype.intersectsTriangle=(function(){let s=new $e,t=new Array(3),e=new Cn,i=new Cn,n=new P;return function(o){this.needsUpdate&&this.update(),o.isExtendedTriangle?o.needsUpdate&&o.update():(s.copy(o),s.update(),o=s);let a=this.satBounds,l=this.satAxes;t[0]=o.a,t[1]=o.b,t[2]=o.c;for(let d=0;d<3;d++){let f=a[d],m=l[d];if(e.setFromPoints(m,t),f.isSeparated(e))return!1}let c=o.satBounds,h=o.satAxes,u=this.points;for(let d=0;d<3;d++){let f=c[d],m=h[d];if(e.setFromPoints(m,u),f.isSeparated(e))return!1}for(let d=0;d<3;d++){let f=l[d];for(let m=0;m<4;m++){let y=h[m];if(n.crossVectors(f,y),e.setFromPoints(n,t),i.setFromPoints(n,u),e.isSeparated(i))return!1}}return!0}})();Ce.prototype.closestPointToPoint=(function(){return function(t,e){return this.needsUpdate&&this.update(),e.copy(t).applyMatrix4(this.invMatrix).clamp(this.min,this.max).applyMatrix4(this.matrix),e}})();Ce.prototype.distanceToPoint=(function(){let s=new P;return function(e){return this.closestPointToPoint(e,s),e.distanceTo(s)}})();Ce.prototype.distanceToBox=(function(){let s=["x","y","z"],t=new Array(12).fill().map(()=>new dn),e=new Array(12).fill().map(()=>new dn),i=new P,n=new P;return function(o,a=0,l=null,c=null){if(this.needsUpdate&&this.update(),this.intersectsBox(o))return(l||c)&&(o.getCenter(n),this.closestPointToPoint(n,i),o.closestPointToPoint(i,n),l&&l.copy(i),c&&c.copy(n)),0;let h=a*a,u=o.min,d=o.max,f=this.points,m=1/0;for(let p=0;p<8;p++){let g=f[p];n.copy(g).clamp(u,d);let x=g.distanceToSquared(n);if(x<m&&(m=x,l&&l.copy(g),c&&c.copy(n),x<h))return Math.sqrt(x)}let y=0;for(let p=0;p<3;p++)for(let g=0;g<=1;g++)for(let x=0;x<=1;x++){let S=(p+1)%3,v=(p+2)%3,M=g<<S|x<<v,w=1<<p|g<<S|x<<v,_=f[M],b=f[w];t[y].set(_,b);let A=s[p],I=s[S],R=s[v],F=e[y],L=F.start,k=F.end;L[A]=u[A],L[I]=g?u[I]:d[I],L[R]=x?u[R]:d[R],k[A]=d[A],k[I]=g?u[I]:d[I],k[R]=x?u[R]:d[R],y++}for(let p=0;p<=1;p++)for(let g=0;g<=1;g++)for(let x=0;x<=1;x++){n.x=p?d.x:u.x,n.y=g?d.y:u.y,n.z=x?d.z:u.z,this.closestPointToPoint(n,i);let S=n.distanceToSquared(i);if(S<m&&(m=S,l&&l.copy(i),c&&c.copy(n),S<h))return Math.sqrt(S)}for(let p=0;p<12;p++){let g=t[p];for(let x=0;x<12;x++){let S=e[x];co(g,S,i,n);let v=i.distanceToSquared(n);if(v<m&&(m=v,l&&l.copy(i),c&&c.copy(n),v<h))return Math.sqrt(v)}}return Math.sqrt(m)}})()});var ru,pn,Vl=It(()=>{er();Ul();ru=class extends Fi{constructor(){super(()=>new $e)}},pn=new ru});function _p(s,t,e={},i=0,n=1/0){let r=i*i,o=n*n,a=1/0,l=null;if(s.shapecast({boundsTraverseOrder:h=>(ho.copy(t).clamp(h.min,h.max),ho.distanceToSquared(t)),intersectsBounds:(h,u,d)=>d<a&&d<o,intersectsTriangle:(h,u)=>{h.closestPointToPoint(t,ho);let d=t.distanceToSquared(ho);return d<a&&(ou.copy(ho),a=d,l=u),d<r}}),a===1/0)return null;let c=Math.sqrt(a);return e.point?e.point.copy(ou):e.point=ou.clone(),e.distance=c,e.faceIndex=l,e}var ho,ou,xp=It(()=>{Ae();ho=new P,ou=new P});function iS(s,t,e,i,n,r,o,a){let l;if(r===Ye?l=s.intersectTriangle(i,e,t,!0,n):l=s.intersectTriangle(t,e,i,r!==fn,n),l===null)return null;let c=s.origin.distanceTo(n);return c<o||c>a?null:{distance:c,point:n.clone()}}function bp(s,t,e,i,n,r,o,a,l,c,h){rs.fromBufferAttribute(t,r),os.fromBufferAttribute(t,o),as.fromBufferAttribute(t,a);let u=iS(s,rs,os,as,uo,l,c,h);if(u){if(i){Gl.fromBufferAttribute(i,r),Wl.fromBufferAttribute(i,o),ql.fromBufferAttribute(i,a),u.uv=new ut;let f=en.getInterpolation(uo,rs,os,as,Gl,Wl,ql,u.uv);Hl||(u.uv=f)}if(n){Gl.fromBufferAttribute(n,r),Wl.fromBufferAttribute(n,o),ql.fromBufferAttribute(n,a),u.uv1=new ut;let f=en.getInterpolation(uo,rs,os,as,Gl,Wl,ql,u.uv1);Hl||(u.uv1=f),nS&&(u.uv2=u.uv1)}if(e){yp.fromBufferAttribute(e,r),vp.fromBufferAttribute(e,o),Sp.fromBufferAttribute(e,a),u.normal=new P;let f=en.getInterpolation(uo,rs,os,as,yp,vp,Sp,u.normal);u.normal.dot(s.direction)>0&&u.normal.multiplyScalar(-1),Hl||(u.normal=f)}let d={a:r,b:o,c:a,normal:new P,materialIndex:0};if(en.getNormal(rs,os,as,d.normal),u.face=d,u.faceIndex=r,Hl){let f=new P;en.getBarycoord(uo,rs,os,as,f),u.barycoord=f}}return u}function Mp(s){return s&&s.isMaterial?s.side:s}function nr(s,t,e,i,n,r,o){let a=i*3,l=a+0,c=a+1,h=a+2,{index:u,groups:d}=s;s.index&&(l=u.getX(l),c=u.getX(c),h=u.getX(h));let{position:f,normal:m,uv:y,uv1:p}=s.attributes;if(Array.isArray(t)){let g=i*3;for(let x=0,S=d.length;x<S;x++){let{start:v,count:M,materialIndex:w}=d[x];if(g>=v&&g<v+M){let _=Mp(t[w]),b=bp(e,f,m,y,p,l,c,h,_,r,o);if(b)if(b.faceIndex=i,b.face.materialIndex=w,n)n.push(b);else return b}}}else{let g=Mp(t),x=bp(e,f,m,y,p,l,c,h,g,r,o);if(x)if(x.faceIndex=i,x.face.materialIndex=0,n)n.push(x);else return x}return null}var Hl,nS,rs,os,as,Gl,Wl,ql,yp,vp,Sp,uo,au=It(()=>{Ae();Hl=parseInt("187")>=169,nS=parseInt("187")<=161,rs=new P,os=new P,as=new P,Gl=new ut,Wl=new ut,ql=new ut,yp=new P,vp=new P,Sp=new P,uo=new P});function me(s,t,e,i){let n=s.a,r=s.b,o=s.c,a=t,l=t+1,c=t+2;e&&(a=e.getX(a),l=e.getX(l),c=e.getX(c)),n.x=i.getX(a),n.y=i.getY(a),n.z=i.getZ(a),r.x=i.getX(l),r.y=i.getY(l),r.z=i.getZ(l),o.x=i.getX(c),o.y=i.getY(c),o.z=i.getZ(c)}var zi=It(()=>{});function wp(s,t,e,i,n,r,o,a){let{geometry:l,_indirectBuffer:c}=s;for(let h=i,u=i+n;h<u;h++)nr(l,t,e,h,r,o,a)}function Tp(s,t,e,i,n,r,o){let{geometry:a,_indirectBuffer:l}=s,c=1/0,h=null;for(let u=i,d=i+n;u<d;u++){let f;f=nr(a,t,e,u,null,r,o),f&&f.distance<c&&(h=f,c=f.distance)}return h}function Ep(s,t,e,i,n,r,o){let{geometry:a}=e,{index:l}=a,c=a.attributes.position;for(let h=s,u=t+s;h<u;h++){let d;if(d=h,me(o,d*3,l,c),o.needsUpdate=!0,i(o,d,n,r))return!0}return!1}var Xl=It(()=>{au();zi()});function Ap(s,t=null){t&&Array.isArray(t)&&(t=new Set(t));let e=s.geometry,i=e.index?e.index.array:null,n=e.attributes.position,r,o,a,l,c=0,h=s._roots;for(let d=0,f=h.length;d<f;d++)r=h[d],o=new Uint32Array(r),a=new Uint16Array(r),l=new Float32Array(r),u(0,c),c+=r.byteLength;function u(d,f,m=!1){let y=d*2;if(ne(y,a)){let p=he(d,o),g=de(y,a),x=1/0,S=1/0,v=1/0,M=-1/0,w=-1/0,_=-1/0;for(let b=3*p,C=3*(p+g);b<C;b++){let A=i[b],I=n.getX(A),R=n.getY(A),F=n.getZ(A);I<x&&(x=I),I>M&&(M=I),R<S&&(S=R),R>w&&(w=R),F<v&&(v=F),F>_&&(_=F)}return l[d+0]!==x||l[d+1]!==S||l[d+2]!==v||l[d+3]!==M||l[d+4]!==w||l[d+5]!==_?(l[d+0]=x,l[d+1]=S,l[d+2]=v,l[d+3]=M,l[d+4]=w,l[d+5]=_,!0):!1}else{let p=ae(d),g=le(d,o),x=m,S=!1,v=!1;if(t){if(!x){let A=p/8+f/32,I=g/8+f/32;S=t.has(A),v=t.has(I),x=!S&&!v}}else S=!0,v=!0;let M=x||S,w=x||v,_=!1;M&&(_=u(p,f,x));let b=!1;w&&(b=u(g,f,x));let C=_||b;if(C)for(let A=0;A<3;A++){let I=p+A,R=g+A,F=l[I],L=l[I+3],k=l[R],z=l[R+3];l[d+A]=F<k?F:k,l[d+A+3]=L>z?L:z}return C}}}var Cp=It(()=>{yn()});function rn(s,t,e,i,n){let r,o,a,l,c,h,u=1/e.direction.x,d=1/e.direction.y,f=1/e.direction.z,m=e.origin.x,y=e.origin.y,p=e.origin.z,g=t[s],x=t[s+3],S=t[s+1],v=t[s+3+1],M=t[s+2],w=t[s+3+2];return u>=0?(r=(g-m)*u,o=(x-m)*u):(r=(x-m)*u,o=(g-m)*u),d>=0?(a=(S-y)*d,l=(v-y)*d):(a=(v-y)*d,l=(S-y)*d),r>l||a>o||((a>r||isNaN(r))&&(r=a),(l<o||isNaN(o))&&(o=l),f>=0?(c=(M-p)*f,h=(w-p)*f):(c=(w-p)*f,h=(M-p)*f),r>h||c>o)?!1:((c>r||r!==r)&&(r=c),(h<o||o!==o)&&(o=h),r<=n&&o>=i)}var fo=It(()=>{});function Rp(s,t,e,i,n,r,o,a){let{geometry:l,_indirectBuffer:c}=s;for(let h=i,u=i+n;h<u;h++){let d=c?c[h]:h;nr(l,t,e,d,r,o,a)}}function Pp(s,t,e,i,n,r,o){let{geometry:a,_indirectBuffer:l}=s,c=1/0,h=null;for(let u=i,d=i+n;u<d;u++){let f;f=nr(a,t,e,l?l[u]:u,null,r,o),f&&f.distance<c&&(h=f,c=f.distance)}return h}function Ip(s,t,e,i,n,r,o){let{geometry:a}=e,{index:l}=a,c=a.attributes.position;for(let h=s,u=t+s;h<u;h++){let d;if(d=e.resolveTriangleIndex(h),me(o,d*3,l,c),o.needsUpdate=!0,i(o,d,n,r))return!0}return!1}var Yl=It(()=>{au();zi()});function Lp(s,t,e,i,n,r,o){jt.setBuffer(s._roots[t]),rn(0,jt.float32Array,i,r,o)&&lu(0,s,e,i,n,r,o),jt.clearBuffer()}function lu(s,t,e,i,n,r,o){let{float32Array:a,uint16Array:l,uint32Array:c}=jt,h=s*2;if(ne(h,l)){let d=he(s,c),f=de(h,l);wp(t,e,i,d,f,n,r,o)}else{let d=ae(s);rn(d,a,i,r,o)&&lu(d,t,e,i,n,r,o);let f=le(s,c);rn(f,a,i,r,o)&&lu(f,t,e,i,n,r,o)}}var Dp=It(()=>{fo();yn();_i();Xl()});function Np(s,t,e,i,n,r){jt.setBuffer(s._roots[t]);let o=null;return rn(0,jt.float32Array,i,n,r)&&(o=cu(0,s,e,i,n,r)),jt.clearBuffer(),o}function cu(s,t,e,i,n,r){let{float32Array:o,uint16Array:a,uint32Array:l}=jt,c=s*2;if(ne(c,a)){let u=he(s,l),d=de(c,a);return Tp(t,e,i,u,d,n,r)}else{let u=Xs(s,l),d=sS[u],m=i.direction[d]>=0,y,p;m?(y=ae(s),p=le(s,l)):(y=le(s,l),p=ae(s));let x=rn(y,o,i,n,r)?cu(y,t,e,i,n,r):null;if(x){let M=x.point[d];if(m?M<=o[p+u]:M>=o[p+u+3])return x}let v=rn(p,o,i,n,r)?cu(p,t,e,i,n,r):null;return x&&v?x.distance<=v.distance?x:v:x||v||null}}var sS,Up=It(()=>{yn();_i();fo();Xl();sS=["x","y","z"]});function Op(s,t,e,i){jt.setBuffer(s._roots[t]);let n=hu(0,s,e,i);return jt.clearBuffer(),n}function hu(s,t,e,i,n=null){let{float32Array:r,uint16Array:o,uint32Array:a}=jt,l=s*2;if(n===null&&(e.boundingBox||e.computeBoundingBox(),Fp.set(e.boundingBox.min,e.boundingBox.max,i),n=Fp),ne(l,o)){let h=t.geometry,u=h.index,d=h.attributes.position,f=e.index,m=e.attributes.position,y=he(s,a),p=de(l,o);if(po.copy(i).invert(),e.boundsTree)return pe(s,r,Zl),Zl.matrix.copy(po),Zl.needsUpdate=!0,e.boundsTree.shapecast({intersectsBounds:x=>Zl.intersectsBox(x),intersectsTriangle:x=>{x.a.applyMatrix4(i),x.b.applyMatrix4(i),x.c.applyMatrix4(i),x.needsUpdate=!0;for(let S=y*3,v=(p+y)*3;S<v;S+=3)if(me(sr,S,u,d),sr.needsUpdate=!0,x.intersectsTriangle(sr))return!0;return!1}});{let g=ki(e);for(let x=y*3,S=(p+y)*3;x<S;x+=3){me(ir,x,u,d),ir.a.applyMatrix4(po),ir.b.applyMatrix4(po),ir.c.applyMatrix4(po),ir.needsUpdate=!0;for(let v=0,M=g*3;v<M;v+=3)if(me(sr,v,f,m),sr.needsUpdate=!0,ir.intersectsTriangle(sr))return!0}}}else{let h=ae(s),u=le(s,a);return pe(h,r,$l),!!(n.intersectsBox($l)&&hu(h,t,e,i,n)||(pe(u,r,$l),n.intersectsBox($l)&&hu(u,t,e,i,n)))}}var $l,ir,sr,po,Fp,Zl,Bp=It(()=>{Ae();ss();er();zi();Ni();yn();_i();tr();$l=new re,ir=new $e,sr=new $e,po=new kt,Fp=new Ce,Zl=new Ce});function kp(s,t,e,i={},n={},r=0,o=1/0){t.boundingBox||t.computeBoundingBox(),uu.set(t.boundingBox.min,t.boundingBox.max,e),uu.needsUpdate=!0;let a=s.geometry,l=a.attributes.position,c=a.index,h=t.attributes.position,u=t.index,d=pn.getPrimitive(),f=pn.getPrimitive(),m=rS,y=oS,p=null,g=null;n&&(p=aS,g=lS);let x=1/0,S=null,v=null;return Jl.copy(e).invert(),mo.matrix.copy(Jl),s.shapecast({boundsTraverseOrder:M=>uu.distanceToBox(M),intersectsBounds:(M,w,_)=>_<x&&_<o?(w&&(mo.min.copy(M.min),mo.max.copy(M.max),mo.needsUpdate=!0),!0):!1,intersectsRange:(M,w)=>{if(t.boundsTree)return t.boundsTree.shapecast({boundsTraverseOrder:b=>mo.distanceToBox(b),intersectsBounds:(b,C,A)=>A<x&&A<o,intersectsRange:(b,C)=>{for(let A=b,I=b+C;A<I;A++){me(f,3*A,u,h),f.a.applyMatrix4(e),f.b.applyMatrix4(e),f.c.applyMatrix4(e),f.needsUpdate=!0;for(let R=M,F=M+w;R<F;R++){me(d,3*R,c,l),d.needsUpdate=!0;let L=d.distanceToTriangle(f,m,p);if(L<x&&(y.copy(m),g&&g.copy(p),x=L,S=R,v=A),L<r)return!0}}}});{let _=ki(t);for(let b=0,C=_;b<C;b++){me(f,3*b,u,h),f.a.applyMatrix4(e),f.b.applyMatrix4(e),f.c.applyMatrix4(e),f.needsUpdate=!0;for(let A=M,I=M+w;A<I;A++){me(d,3*A,c,l),d.needsUpdate=!0;let R=d.distanceToTriangle(f,m,p);if(R<x&&(y.copy(m),g&&g.copy(p),x=R,S=A,v=b),R<r)return!0}}}}}),pn.releasePrimitive(d),pn.releasePrimitive(f),x===1/0?null:(i.point?i.point.copy(y):i.point=y.clone(),i.distance=x,i.faceIndex=S,n&&(n.point?n.point.copy(g):n.point=g.clone(),n.point.applyMatrix4(Jl),y.applyMatrix4(Jl),n.distance=y.sub(n.point).length(),n.faceIndex=v),i)}var Jl,uu,mo,rS,oS,aS,lS,zp=It(()=>{Ae();ss();zi();tr();Vl();Jl=new kt,uu=new Ce,mo=new Ce,rS=new P,oS=new P,aS=new P,lS=new P});function Vp(s,t=null){t&&Array.isArray(t)&&(t=new Set(t));let e=s.geometry,i=e.index?e.index.array:null,n=e.attributes.position,r,o,a,l,c=0,h=s._roots;for(let d=0,f=h.length;d<f;d++)r=h[d],o=new Uint32Array(r),a=new Uint16Array(r),l=new Float32Array(r),u(0,c),c+=r.byteLength;function u(d,f,m=!1){let y=d*2;if(ne(y,a)){let p=he(d,o),g=de(y,a),x=1/0,S=1/0,v=1/0,M=-1/0,w=-1/0,_=-1/0;for(let b=p,C=p+g;b<C;b++){let A=3*s.resolveTriangleIndex(b);for(let I=0;I<3;I++){let R=A+I;R=i?i[R]:R;let F=n.getX(R),L=n.getY(R),k=n.getZ(R);F<x&&(x=F),F>M&&(M=F),L<S&&(S=L),L>w&&(w=L),k<v&&(v=k),k>_&&(_=k)}}return l[d+0]!==x||l[d+1]!==S||l[d+2]!==v||l[d+3]!==M||l[d+4]!==w||l[d+5]!==_?(l[d+0]=x,l[d+1]=S,l[d+2]=v,l[d+3]=M,l[d+4]=w,l[d+5]=_,!0):!1}else{let p=ae(d),g=le(d,o),x=m,S=!1,v=!1;if(t){if(!x){let A=p/8+f/32,I=g/8+f/32;S=t.has(A),v=t.has(I),x=!S&&!v}}else S=!0,v=!0;let M=x||S,w=x||v,_=!1;M&&(_=u(p,f,x));let b=!1;w&&(b=u(g,f,x));let C=_||b;if(C)for(let A=0;A<3;A++){let I=p+A,R=g+A,F=l[I],L=l[I+3],k=l[R],z=l[R+3];l[d+A]=F<k?F:k,l[d+A+3]=L>z?L:z}return C}}}var Hp=It(()=>{yn()});function Gp(s,t,e,i,n,r,o){jt.setBuffer(s._roots[t]),rn(0,jt.float32Array,i,r,o)&&du(0,s,e,i,n,r,o),jt.clearBuffer()}function du(s,t,e,i,n,r,o){let{float32Array:a,uint16Array:l,uint32Array:c}=jt,h=s*2;if(ne(h,l)){let d=he(s,c),f=de(h,l);Rp(t,e,i,d,f,n,r,o)}else{let d=ae(s);rn(d,a,i,r,o)&&du(d,t,e,i,n,r,o);let f=le(s,c);rn(f,a,i,r,o)&&du(f,t,e,i,n,r,o)}}var Wp=It(()=>{fo();yn();_i();Yl()});function qp(s,t,e,i,n,r){jt.setBuffer(s._roots[t]);let o=null;return rn(0,jt.float32Array,i,n,r)&&(o=fu(0,s,e,i,n,r)),jt.clearBuffer(),o}function fu(s,t,e,i,n,r){let{float32Array:o,uint16Array:a,uint32Array:l}=jt,c=s*2;if(ne(c,a)){let u=he(s,l),d=de(c,a);return Pp(t,e,i,u,d,n,r)}else{let u=Xs(s,l),d=cS[u],m=i.direction[d]>=0,y,p;m?(y=ae(s),p=le(s,l)):(y=le(s,l),p=ae(s));let x=rn(y,o,i,n,r)?fu(y,t,e,i,n,r):null;if(x){let M=x.point[d];if(m?M<=o[p+u]:M>=o[p+u+3])return x}let v=rn(p,o,i,n,r)?fu(p,t,e,i,n,r):null;return x&&v?x.distance<=v.distance?x:v:x||v||null}}var cS,Xp=It(()=>{yn();_i();fo();Yl();cS=["x","y","z"]});function $p(s,t,e,i){jt.setBuffer(s._roots[t]);let n=pu(0,s,e,i);return jt.clearBuffer(),n}function pu(s,t,e,i,n=null){let{float32Array:r,uint16Array:o,uint32Array:a}=jt,l=s*2;if(n===null&&(e.boundingBox||e.computeBoundingBox(),Yp.set(e.boundingBox.min,e.boundingBox.max,i),n=Yp),ne(l,o)){let h=t.geometry,u=h.index,d=h.attributes.position,f=e.index,m=e.attributes.position,y=he(s,a),p=de(l,o);if(go.copy(i).invert(),e.boundsTree)return pe(s,r,jl),jl.matrix.copy(go),jl.needsUpdate=!0,e.boundsTree.shapecast({intersectsBounds:x=>jl.intersectsBox(x),intersectsTriangle:x=>{x.a.applyMatrix4(i),x.b.applyMatrix4(i),x.c.applyMatrix4(i),x.needsUpdate=!0;for(let S=y,v=p+y;S<v;S++)if(me(or,3*t.resolveTriangleIndex(S),u,d),or.needsUpdate=!0,x.intersectsTriangle(or))return!0;return!1}});{let g=ki(e);for(let x=y,S=p+y;x<S;x++){let v=t.resolveTriangleIndex(x);me(rr,3*v,u,d),rr.a.applyMatrix4(go),rr.b.applyMatrix4(go),rr.c.applyMatrix4(go),rr.needsUpdate=!0;for(let M=0,w=g*3;M<w;M+=3)if(me(or,M,f,m),or.needsUpdate=!0,rr.intersectsTriangle(or))return!0}}}else{let h=ae(s),u=le(s,a);return pe(h,r,Kl),!!(n.intersectsBox(Kl)&&pu(h,t,e,i,n)||(pe(u,r,Kl),n.intersectsBox(Kl)&&pu(u,t,e,i,n)))}}var Kl,rr,or,go,Yp,jl,Zp=It(()=>{Ae();ss();er();zi();Ni();yn();_i();tr();Kl=new re,rr=new $e,or=new $e,go=new kt,Yp=new Ce,jl=new Ce});function Jp(s,t,e,i={},n={},r=0,o=1/0){t.boundingBox||t.computeBoundingBox(),mu.set(t.boundingBox.min,t.boundingBox.max,e),mu.needsUpdate=!0;let a=s.geometry,l=a.attributes.position,c=a.index,h=t.attributes.position,u=t.index,d=pn.getPrimitive(),f=pn.getPrimitive(),m=hS,y=uS,p=null,g=null;n&&(p=dS,g=fS);let x=1/0,S=null,v=null;return Ql.copy(e).invert(),_o.matrix.copy(Ql),s.shapecast({boundsTraverseOrder:M=>mu.distanceToBox(M),intersectsBounds:(M,w,_)=>_<x&&_<o?(w&&(_o.min.copy(M.min),_o.max.copy(M.max),_o.needsUpdate=!0),!0):!1,intersectsRange:(M,w)=>{if(t.boundsTree){let _=t.boundsTree;return _.shapecast({boundsTraverseOrder:b=>_o.distanceToBox(b),intersectsBounds:(b,C,A)=>A<x&&A<o,intersectsRange:(b,C)=>{for(let A=b,I=b+C;A<I;A++){let R=_.resolveTriangleIndex(A);me(f,3*R,u,h),f.a.applyMatrix4(e),f.b.applyMatrix4(e),f.c.applyMatrix4(e),f.needsUpdate=!0;for(let F=M,L=M+w;F<L;F++){let k=s.resolveTriangleIndex(F);me(d,3*k,c,l),d.needsUpdate=!0;let z=d.distanceToTriangle(f,m,p);if(z<x&&(y.copy(m),g&&g.copy(p),x=z,S=F,v=A),z<r)return!0}}}})}else{let _=ki(t);for(let b=0,C=_;b<C;b++){me(f,3*b,u,h),f.a.applyMatrix4(e),f.b.applyMatrix4(e),f.c.applyMatrix4(e),f.needsUpdate=!0;for(let A=M,I=M+w;A<I;A++){let R=s.resolveTriangleIndex(A);me(d,3*R,c,l),d.needsUpdate=!0;let F=d.distanceToTriangle(f,m,p);if(F<x&&(y.copy(m),g&&g.copy(p),x=F,S=A,v=b),F<r)return!0}}}}}),pn.releasePrimitive(d),pn.releasePrimitive(f),x===1/0?null:(i.point?i.point.copy(y):i.point=y.clone(),i.distance=x,i.faceIndex=S,n&&(n.point?n.point.copy(g):n.point=g.clone(),n.point.applyMatrix4(Ql),y.applyMatrix4(Ql),n.distance=y.sub(n.point).length(),n.faceIndex=v),i)}var Ql,mu,_o,hS,uS,dS,fS,Kp=It(()=>{Ae();ss();zi();tr();Vl();Ql=new kt,mu=new Ce,_o=new Ce,hS=new P,uS=new P,dS=new P,fS=new P});function gu(s,t,e){return s===null?null:(s.point.applyMatrix4(t.matrixWorld),s.distance=s.point.distanceTo(e.ray.origin),s.object=t,s)}var jp=It(()=>{});var tc,ec,Qp,tm,em,_u,nc,nm=It(()=>{Ae();Pl();ss();Vl();xp();yn();Xl();Cp();Dp();Up();Bp();zp();Yl();Hp();Wp();Xp();Zp();Kp();zi();jp();nu();tc=new Ce,ec=new Vn,Qp=new P,tm=new kt,em=new P,_u=["getX","getY","getZ"],nc=class s extends zl{static serialize(t,e={}){e={cloneBuffers:!0,...e};let i=t.geometry,n=t._roots,r=t._indirectBuffer,o=i.getIndex(),a={version:1,roots:null,index:null,indirectBuffer:null};return e.cloneBuffers?(a.roots=n.map(l=>l.slice()),a.index=o?o.array.slice():null,a.indirectBuffer=r?r.slice():null):(a.roots=n,a.index=o?o.array:null,a.indirectBuffer=r),a}static deserialize(t,e,i={}){i={setIndex:!0,indirect:!!t.indirectBuffer,...i};let{index:n,roots:r,indirectBuffer:o}=t;t.version||(console.warn("MeshBVH.deserialize: Serialization format has been changed and will be fixed up. It is recommended to regenerate any stored serialized data."),l(r));let a=new s(e,{...i,[oo]:!0});if(a._roots=r,a._indirectBuffer=o||null,i.setIndex){let c=e.getIndex();if(c===null){let h=new we(t.index,1,!1);e.setIndex(h)}else c.array!==n&&(c.array.set(n),c.needsUpdate=!0)}return a;function l(c){for(let h=0;h<c.length;h++){let u=c[h],d=new Uint32Array(u),f=new Uint16Array(u);for(let m=0,y=u.byteLength/32;m<y;m++){let p=8*m,g=2*p;ne(g,f)||(d[p+6]=d[p+6]/8-m)}}}}get primitiveStride(){return 3}get resolveTriangleIndex(){return this.resolvePrimitiveIndex}constructor(t,e={}){e.maxLeafTris&&(console.warn('MeshBVH: "maxLeafTris" option has been deprecated. Use "targetLeafSize", instead.'),e={...e,targetLeafSize:e.maxLeafTris}),super(t,e)}shiftTriangleOffsets(t){return super.shiftPrimitiveOffsets(t)}writePrimitiveBounds(t,e,i){let n=this.geometry,r=this._indirectBuffer,o=n.attributes.position,a=n.index?n.index.array:null,c=(r?r[t]:t)*3,h=c+0,u=c+1,d=c+2;a&&(h=a[h],u=a[u],d=a[d]);for(let f=0;f<3;f++){let m=o[_u[f]](h),y=o[_u[f]](u),p=o[_u[f]](d),g=m;y<g&&(g=y),p<g&&(g=p);let x=m;y>x&&(x=y),p>x&&(x=p),e[i+f]=g,e[i+f+3]=x}return e}computePrimitiveBounds(t,e,i){let n=this.geometry,r=this._indirectBuffer,o=n.attributes.position,a=n.index?n.index.array:null,l=o.normalized;if(t<0||e+t-i.offset>i.length/6)throw new Error("MeshBVH: compute triangle bounds range is invalid.");let c=o.array,h=o.offset||0,u=3;o.isInterleavedBufferAttribute&&(u=o.data.stride);let d=["getX","getY","getZ"],f=i.offset;for(let m=t,y=t+e;m<y;m++){let g=(r?r[m]:m)*3,x=(m-f)*6,S=g+0,v=g+1,M=g+2;a&&(S=a[S],v=a[v],M=a[M]),l||(S=S*u+h,v=v*u+h,M=M*u+h);for(let w=0;w<3;w++){let _,b,C;l?(_=o[d[w]](S),b=o[d[w]](v),C=o[d[w]](M)):(_=c[S+w],b=c[v+w],C=c[M+w]);let A=_;b<A&&(A=b),C<A&&(A=C);let I=_;b>I&&(I=b),C>I&&(I=C);let R=(I-A)/2,F=w*2;i[x+F+0]=A+R,i[x+F+1]=R+(Math.abs(A)+R)*qs}}return i}raycastObject3D(t,e,i=[]){let{material:n}=t;if(n===void 0)return;tm.copy(t.matrixWorld).invert(),ec.copy(e.ray).applyMatrix4(tm),em.setFromMatrixScale(t.matrixWorld),Qp.copy(ec.direction).multiply(em);let r=Qp.length(),o=e.near/r,a=e.far/r;if(e.firstHitOnly===!0){let l=this.raycastFirst(ec,n,o,a);l=gu(l,t,e),l&&i.push(l)}else{let l=this.raycast(ec,n,o,a);for(let c=0,h=l.length;c<h;c++){let u=gu(l[c],t,e);u&&i.push(u)}}return i}refit(t=null){return(this.indirect?Vp:Ap)(this,t)}raycast(t,e=Hn,i=0,n=1/0){let r=this._roots,o=[],a=this.indirect?Gp:Lp;for(let l=0,c=r.length;l<c;l++)a(this,l,e,t,o,i,n);return o}raycastFirst(t,e=Hn,i=0,n=1/0){let r=this._roots,o=null,a=this.indirect?qp:Np;for(let l=0,c=r.length;l<c;l++){let h=a(this,l,e,t,i,n);h!=null&&(o==null||h.distance<o.distance)&&(o=h)}return o}intersectsGeometry(t,e){let i=!1,n=this._roots,r=this.indirect?$p:Op;for(let o=0,a=n.length;o<a&&(i=r(this,o,t,e),!i);o++);return i}shapecast(t){let e=pn.getPrimitive(),i=super.shapecast({...t,intersectsPrimitive:t.intersectsTriangle,scratchPrimitive:e,iterate:this.indirect?Ip:Ep});return pn.releasePrimitive(e),i}bvhcast(t,e,i){let{intersectsRanges:n,intersectsTriangles:r}=i,o=pn.getPrimitive(),a=this.geometry.index,l=this.geometry.attributes.position,c=this.indirect?m=>{let y=this.resolveTriangleIndex(m);me(o,y*3,a,l)}:m=>{me(o,m*3,a,l)},h=pn.getPrimitive(),u=t.geometry.index,d=t.geometry.attributes.position,f=t.indirect?m=>{let y=t.resolveTriangleIndex(m);me(h,y*3,u,d)}:m=>{me(h,m*3,u,d)};if(r){if(!(t instanceof s))throw new Error('MeshBVH: "intersectsTriangles" callback can only be used with another MeshBVH.');let m=(y,p,g,x,S,v,M,w)=>{for(let _=g,b=g+x;_<b;_++){f(_),h.a.applyMatrix4(e),h.b.applyMatrix4(e),h.c.applyMatrix4(e),h.needsUpdate=!0;for(let C=y,A=y+p;C<A;C++)if(c(C),o.needsUpdate=!0,r(o,h,C,_,S,v,M,w))return!0}return!1};if(n){let y=n;n=function(p,g,x,S,v,M,w,_){return y(p,g,x,S,v,M,w,_)?!0:m(p,g,x,S,v,M,w,_)}}else n=m}return super.bvhcast(t,e,{intersectsRanges:n})}intersectsBox(t,e){return tc.set(t.min,t.max,e),tc.needsUpdate=!0,this.shapecast({intersectsBounds:i=>tc.intersectsBox(i),intersectsTriangle:i=>tc.intersectsTriangle(i)})}intersectsSphere(t){return this.shapecast({intersectsBounds:e=>t.intersectsBox(e),intersectsTriangle:e=>e.intersectsSphere(t)})}closestPointToGeometry(t,e,i={},n={},r=0,o=1/0){return(this.indirect?Jp:kp)(this,t,e,i,n,r,o)}closestPointToPoint(t,e={},i=0,n=1/0){return _p(this,t,e,i,n)}}});var im=It(()=>{});var sm=It(()=>{});var rm=It(()=>{});var DA,NA,om=It(()=>{DA=parseInt("187")>=169,NA=parseInt("187")<=161});var am=It(()=>{});function lm(s,t){if(this.isBatchedMesh)pS.call(this,s,t);else{let{geometry:e}=this;if(e.boundsTree)e.boundsTree.raycastObject3D(this,s,t);else{let i;if(this instanceof Ee)i=ar.Mesh;else if(this instanceof Ei)i=ar.LineSegments;else if(this instanceof Is)i=ar.LineLoop;else if(this instanceof In)i=ar.Line;else if(this instanceof Ai)i=ar.Points;else throw new Error("BVH: Fallback raycast function not found.");i.call(this,s,t)}}}function pS(s,t){if(this.boundsTrees){let e=this.boundsTrees,i=this._drawInfo||this._instanceInfo,n=this._drawRanges||this._geometryInfo,r=this.matrixWorld;Ze.material=this.material,Ze.geometry=this.geometry;let o=Ze.geometry.boundsTree,a=Ze.geometry.drawRange;Ze.geometry.boundingSphere===null&&(Ze.geometry.boundingSphere=new Xe);for(let l=0,c=i.length;l<c;l++){if(!this.getVisibleAt(l))continue;let h=i[l].geometryIndex;if(Ze.geometry.boundsTree=e[h],this.getMatrixAt(l,Ze.matrixWorld).premultiply(r),!Ze.geometry.boundsTree){this.getBoundingBoxAt(h,Ze.geometry.boundingBox),this.getBoundingSphereAt(h,Ze.geometry.boundingSphere);let u=n[h];Ze.geometry.setDrawRange(u.start,u.count)}Ze.raycast(s,ic);for(let u=0,d=ic.length;u<d;u++){let f=ic[u];f.object=this,f.batchId=l,t.push(f)}ic.length=0}Ze.geometry.boundsTree=o,Ze.geometry.drawRange=a,Ze.material=null,Ze.geometry=null}else ar.BatchedMesh.call(this,s,t)}var BA,ar,Ze,ic,cm=It(()=>{Ae();BA=parseInt("187")>=166,ar={Mesh:Ee.prototype.raycast,Line:In.prototype.raycast,LineSegments:Ei.prototype.raycast,LineLoop:Is.prototype.raycast,Points:Ai.prototype.raycast,BatchedMesh:Pr.prototype.raycast},Ze=new Ee,ic=[]});var hm=It(()=>{});var um=It(()=>{});var dm=It(()=>{});var fm,pm=It(()=>{fm=`

// A stack of uint32 indices can can store the indices for
// a perfectly balanced tree with a depth up to 31. Lower stack
// depth gets higher performance.
//
// However not all trees are balanced. Best value to set this to
// is the trees max depth.
#ifndef BVH_STACK_DEPTH
#define BVH_STACK_DEPTH 60
#endif

#ifndef INFINITY
#define INFINITY 1e20
#endif

// Utilities
uvec4 uTexelFetch1D( usampler2D tex, uint index ) {

	uint width = uint( textureSize( tex, 0 ).x );
	uvec2 uv;
	uv.x = index % width;
	uv.y = index / width;

	return texelFetch( tex, ivec2( uv ), 0 );

}

ivec4 iTexelFetch1D( isampler2D tex, uint index ) {

	uint width = uint( textureSize( tex, 0 ).x );
	uvec2 uv;
	uv.x = index % width;
	uv.y = index / width;

	return texelFetch( tex, ivec2( uv ), 0 );

}

vec4 texelFetch1D( sampler2D tex, uint index ) {

	uint width = uint( textureSize( tex, 0 ).x );
	uvec2 uv;
	uv.x = index % width;
	uv.y = index / width;

	return texelFetch( tex, ivec2( uv ), 0 );

}

vec4 textureSampleBarycoord( sampler2D tex, vec3 barycoord, uvec3 faceIndices ) {

	return
		barycoord.x * texelFetch1D( tex, faceIndices.x ) +
		barycoord.y * texelFetch1D( tex, faceIndices.y ) +
		barycoord.z * texelFetch1D( tex, faceIndices.z );

}

void ndcToCameraRay(
	vec2 coord, mat4 cameraWorld, mat4 invProjectionMatrix,
	out vec3 rayOrigin, out vec3 rayDirection
) {

	// get camera look direction and near plane for camera clipping
	vec4 lookDirection = cameraWorld * vec4( 0.0, 0.0, - 1.0, 0.0 );
	vec4 nearVector = invProjectionMatrix * vec4( 0.0, 0.0, - 1.0, 1.0 );
	float near = abs( nearVector.z / nearVector.w );

	// get the camera direction and position from camera matrices
	vec4 origin = cameraWorld * vec4( 0.0, 0.0, 0.0, 1.0 );
	vec4 direction = invProjectionMatrix * vec4( coord, 0.5, 1.0 );
	direction /= direction.w;
	direction = cameraWorld * direction - origin;

	// slide the origin along the ray until it sits at the near clip plane position
	origin.xyz += direction.xyz * near / dot( direction, lookDirection );

	rayOrigin = origin.xyz;
	rayDirection = direction.xyz;

}
`});var mm=It(()=>{});var gm,_m=It(()=>{gm=`

#ifndef TRI_INTERSECT_EPSILON
#define TRI_INTERSECT_EPSILON 1e-5
#endif

// Raycasting
bool intersectsBounds( vec3 rayOrigin, vec3 rayDirection, vec3 boundsMin, vec3 boundsMax, out float dist ) {

	// https://www.reddit.com/r/opengl/comments/8ntzz5/fast_glsl_ray_box_intersection/
	// https://tavianator.com/2011/ray_box.html
	vec3 invDir = 1.0 / rayDirection;

	// find intersection distances for each plane
	vec3 tMinPlane = invDir * ( boundsMin - rayOrigin );
	vec3 tMaxPlane = invDir * ( boundsMax - rayOrigin );

	// get the min and max distances from each intersection
	vec3 tMinHit = min( tMaxPlane, tMinPlane );
	vec3 tMaxHit = max( tMaxPlane, tMinPlane );

	// get the furthest hit distance
	vec2 t = max( tMinHit.xx, tMinHit.yz );
	float t0 = max( t.x, t.y );

	// get the minimum hit distance
	t = min( tMaxHit.xx, tMaxHit.yz );
	float t1 = min( t.x, t.y );

	// set distance to 0.0 if the ray starts inside the box
	dist = max( t0, 0.0 );

	return t1 >= dist;

}

bool intersectsTriangle(
	vec3 rayOrigin, vec3 rayDirection, vec3 a, vec3 b, vec3 c,
	out vec3 barycoord, out vec3 norm, out float dist, out float side
) {

	// https://stackoverflow.com/questions/42740765/intersection-between-line-and-triangle-in-3d
	vec3 edge1 = b - a;
	vec3 edge2 = c - a;
	norm = cross( edge1, edge2 );

	float det = - dot( rayDirection, norm );
	float invdet = 1.0 / det;

	vec3 AO = rayOrigin - a;
	vec3 DAO = cross( AO, rayDirection );

	vec4 uvt;
	uvt.x = dot( edge2, DAO ) * invdet;
	uvt.y = - dot( edge1, DAO ) * invdet;
	uvt.z = dot( AO, norm ) * invdet;
	uvt.w = 1.0 - uvt.x - uvt.y;

	// set the hit information
	barycoord = uvt.wxy; // arranged in A, B, C order
	dist = uvt.z;
	side = sign( det );
	norm = side * normalize( norm );

	// add an epsilon to avoid misses between triangles
	uvt += vec4( TRI_INTERSECT_EPSILON );

	return all( greaterThanEqual( uvt, vec4( 0.0 ) ) );

}

bool intersectTriangles(
	// geometry info and triangle range
	sampler2D positionAttr, usampler2D indexAttr, uint offset, uint count,

	// ray
	vec3 rayOrigin, vec3 rayDirection,

	// outputs
	inout float minDistance, inout uvec4 faceIndices, inout vec3 faceNormal, inout vec3 barycoord,
	inout float side, inout float dist
) {

	bool found = false;
	vec3 localBarycoord, localNormal;
	float localDist, localSide;
	for ( uint i = offset, l = offset + count; i < l; i ++ ) {

		uvec3 indices = uTexelFetch1D( indexAttr, i ).xyz;
		vec3 a = texelFetch1D( positionAttr, indices.x ).rgb;
		vec3 b = texelFetch1D( positionAttr, indices.y ).rgb;
		vec3 c = texelFetch1D( positionAttr, indices.z ).rgb;

		if (
			intersectsTriangle( rayOrigin, rayDirection, a, b, c, localBarycoord, localNormal, localDist, localSide )
			&& localDist < minDistance
		) {

			found = true;
			minDistance = localDist;

			faceIndices = uvec4( indices.xyz, i );
			faceNormal = localNormal;

			side = localSide;
			barycoord = localBarycoord;
			dist = localDist;

		}

	}

	return found;

}

bool intersectsBVHNodeBounds( vec3 rayOrigin, vec3 rayDirection, sampler2D bvhBounds, uint currNodeIndex, out float dist ) {

	uint cni2 = currNodeIndex * 2u;
	vec3 boundsMin = texelFetch1D( bvhBounds, cni2 ).xyz;
	vec3 boundsMax = texelFetch1D( bvhBounds, cni2 + 1u ).xyz;
	return intersectsBounds( rayOrigin, rayDirection, boundsMin, boundsMax, dist );

}

// use a macro to hide the fact that we need to expand the struct into separate fields
#define	bvhIntersectFirstHit(		bvh,		rayOrigin, rayDirection, faceIndices, faceNormal, barycoord, side, dist	)	_bvhIntersectFirstHit(		bvh.position, bvh.index, bvh.bvhBounds, bvh.bvhContents,		rayOrigin, rayDirection, faceIndices, faceNormal, barycoord, side, dist	)

bool _bvhIntersectFirstHit(
	// bvh info
	sampler2D bvh_position, usampler2D bvh_index, sampler2D bvh_bvhBounds, usampler2D bvh_bvhContents,

	// ray
	vec3 rayOrigin, vec3 rayDirection,

	// output variables split into separate variables due to output precision
	inout uvec4 faceIndices, inout vec3 faceNormal, inout vec3 barycoord,
	inout float side, inout float dist
) {

	// stack needs to be twice as long as the deepest tree we expect because
	// we push both the left and right child onto the stack every traversal
	int pointer = 0;
	uint stack[ BVH_STACK_DEPTH ];
	stack[ 0 ] = 0u;

	float triangleDistance = INFINITY;
	bool found = false;
	while ( pointer > - 1 && pointer < BVH_STACK_DEPTH ) {

		uint currNodeIndex = stack[ pointer ];
		pointer --;

		// check if we intersect the current bounds
		float boundsHitDistance;
		if (
			! intersectsBVHNodeBounds( rayOrigin, rayDirection, bvh_bvhBounds, currNodeIndex, boundsHitDistance )
			|| boundsHitDistance > triangleDistance
		) {

			continue;

		}

		uvec2 boundsInfo = uTexelFetch1D( bvh_bvhContents, currNodeIndex ).xy;
		bool isLeaf = bool( boundsInfo.x & 0xffff0000u );

		if ( isLeaf ) {

			uint count = boundsInfo.x & 0x0000ffffu;
			uint offset = boundsInfo.y;

			found = intersectTriangles(
				bvh_position, bvh_index, offset, count,
				rayOrigin, rayDirection, triangleDistance,
				faceIndices, faceNormal, barycoord, side, dist
			) || found;

		} else {

			uint leftIndex = currNodeIndex + 1u;
			uint splitAxis = boundsInfo.x & 0x0000ffffu;
			uint rightIndex = currNodeIndex + boundsInfo.y;

			bool leftToRight = rayDirection[ splitAxis ] >= 0.0;
			uint c1 = leftToRight ? leftIndex : rightIndex;
			uint c2 = leftToRight ? rightIndex : leftIndex;

			// set c2 in the stack so we traverse it later. We need to keep track of a pointer in
			// the stack while we traverse. The second pointer added is the one that will be
			// traversed first
			pointer ++;
			stack[ pointer ] = c2;

			pointer ++;
			stack[ pointer ] = c1;

		}

	}

	return found;

}
`});var xm=It(()=>{});var xu=It(()=>{pm();mm();_m();xm()});var QA,yu=It(()=>{Qh();nu();nm();im();sm();rm();om();am();cm();er();ss();um();hm();dm();xu();xu();QA=`
	${fm}
	${gm}
`});var vm={};Lm(vm,{loadShape:()=>vu});function vu(s){return sc.has(s)||sc.set(s,mS(s).catch(t=>{throw sc.delete(s),t})),sc.get(s)}async function mS(s){let t=await fetch(`/shape/${s}`);if(!t.ok)throw new Error("a part's shape could not be fetched");let e=await t.arrayBuffer(),i=new DataView(e).getUint32(0,!0),n=JSON.parse(new TextDecoder().decode(new Uint8Array(e,4,i))),r=4+i,o=(_,b)=>{let C=new _(e,r,b);return r+=4*b,C},a=n.counts,l=o(Float32Array,a.positions),c=o(Float32Array,a.normals),h=o(Float32Array,a.lines),u=o(Uint32Array,a.indices),d=o(Uint32Array,a.face_ends),f=o(Uint32Array,a.line_ends),m=new Te;m.setAttribute("position",new we(l,3)),m.setAttribute("normal",new we(c,3));let y=new Uint32Array(u);m.setIndex(new we(y,1)),y.length&&(m.boundsTree=new nc(m,{indirect:!0})),m.computeBoundingSphere();let p=[],g=0;for(let _ of f){for(let b=g+1;b<_;b++)for(let C of[b-1,b])p.push(h[3*C],h[3*C+1],h[3*C+2]);g=_}let x=new Te;x.setAttribute("position",new we(new Float32Array(p),3));let S=new Map,v=new Map,M=new Map,w=[];for(let _ of n.features)M.set(_.n,_),_.at=new P(..._.o),_.z&&(_.dir=new P(..._.z)),_.face>=0&&S.set(_.face,_),_.edge>=0&&v.set(_.edge,_),_.vertex>=0&&w.push(_);for(let[_,b,C]of[["origin","frame"],["xy","plane",[0,0,1]],["yz","plane",[1,0,0]],["zx","plane",[0,1,0]],["x","axis",[1,0,0]],["y","axis",[0,1,0]],["z","axis",[0,0,1]]]){let A={n:_,k:b,label:b==="frame"?"origin":`${_} ${b==="plane"?"plane":"axis"}`,o:[0,0,0],at:new P,face:-1,edge:-1,vertex:-1,built:!0};C&&(A.dir=new P(...C)),M.set(_,A)}return{head:n,geometry:m,edges:x,lines:h,lineEnds:f,faceEnds:d,indices:u,byFace:S,byEdge:v,byName:M,points:w,faceOf(_){let b=0,C=d.length-1;for(;b<C;){let A=b+C>>1;3*_<d[A]?C=A:b=A+1}return b},faceRange(_){return[_?d[_-1]:0,d[_]]},lineRange(_){return[_?f[_-1]:0,f[_]]},anchors(_){let b=[{f:_,where:_.k==="cylinder"||_.ends?"middle":""}];return _.ends&&_.ends.forEach((C,A)=>{let I=new P(...C),R=1e-4*(1+I.length());for(let F of n.features){let L=_.k==="cylinder"&&F.k==="circle"&&Math.abs(F.r-_.r)<R,k=_.k==="axis"&&F.vertex>=0;if((L||k)&&F.at.distanceTo(I)<R){b.push({f:F,where:A?"far end":"near end"});break}}}),b}}}var sc,Su=It(()=>{Ae();yu();sc=new Map});var Ou=(()=>{let s={parse(i){if(!i)return{};if(i.startsWith("{"))return JSON.parse(i);let n=/(?:"([^"]+)"|'([^']+)'|([^\s,:]+))(?:\s*:\s*(?:"([^"]*)"|'([^']*)'|<((?:[^/]|\/(?!>))+)\/>|([^\s,]+)))?(?=\s|,|$)/g,r={};for(let o of i.matchAll(n)){let[,a,l,c,h,u,d,f]=o,m=a??l??c,y=(h??u??d??f??"true").trim();try{y=JSON.parse(y)}catch{}let g=c?.includes(".")?m.split(".").reduceRight((x,S)=>({[S]:x}),y):{[m]:y};s.merge(g,r)}return r},split(i){return i.split(/,(?![^\[]*\])(?![^(]*\))(?![^<]*\/>)(?=(?:[^"']|"[^"]*"|'[^']*')*$)/)},merge(i,n){typeof i=="string"&&(i=s.parse(i));for(let[r,o]of Object.entries(i)){if(["__proto__","constructor","prototype"].includes(r))continue;let a=o?.constructor===Object,l=n[r]?.constructor===Object;a&&l?s.merge(o,n[r]):n[r]=o}return n}};class t{#r=null;#n=[];admit(n,r,o){if(!this.#r)return this.#r={strategy:n,abort:o},"run";if(n==="replace"||n!=="abort"&&this.#r.strategy==="abort")return this.#n=[],this.#r.abort?.(),this.#r={strategy:n,abort:o},"run";if(n==="queue all")this.#n.push(r);else if(n==="queue last")this.#n=[r];else if(n!=="abort"&&n!=="drop"&&this.#n.length===0)this.#n.push(r);else return"dropped";return"queued"}continue(n){this.#r?.abort===n&&(this.#r=null,this.#n.shift()?.())}abort(){this.#r?.abort?.()}}class e{#r=s;#n=new Map;#T="";#G=new Set;_loc=window.location;#E;#W=Function;#q=Object.getPrototypeOf(async function(){}).constructor;#A={createHTML:n=>n,createScript:n=>n};#X;#yt="a,form";#vt=["get","post","put","patch","delete","query"];#Y;#g;#C;#$;#_;constructor(){this.#St(),this.#bt(),this.#X=this.#l("[hx-action],[hx-get],[hx-post],[hx-put],[hx-patch],[hx-delete],[hx-query]"),this.#Y=new XPathEvaluator().createExpression(`.//*[@*[${this.#y("hx-on").map(r=>`starts-with(name(), "${r}")`).join(" or ")}]]`),this.#E={HCON:s,attributeValue:this.#e.bind(this),parseTriggerSpecs:this.#Z.bind(this),determineMethodAndAction:this.#J.bind(this),createRequestContext:this.#I.bind(this),collectFormData:this.#ut.bind(this),getAttributeObject:this.#U.bind(this),insertContent:this.#N.bind(this),morph:this.#z.bind(this),isSoftMatch:this.#ae.bind(this),initSecurity:(r,o,a)=>{r&&(this.#A=r),o&&(this.#W=o),a&&(this.#q=a)},onTrigger:this.#v.bind(this),htmxProp:this.#o.bind(this),triggerHtmxEvent:this.#t.bind(this),executeJavaScript:this.#u.bind(this)};let n=()=>this.initialize();document.readyState==="loading"?document.addEventListener("DOMContentLoaded",n):setTimeout(n)}#St(){this.version="4.0.1",this.config={logAll:!1,prefix:"data-hx-",transitions:!1,history:!0,mode:"same-origin",defaultSwap:"innerHTML",defaultFocusScroll:!1,indicatorClass:"htmx-indicator",requestClass:"htmx-request",includeIndicatorCSS:!0,defaultTimeout:6e4,extensions:"",morphIgnore:["data-htmx-powered"],morphSkip:"[hx-morph-skip]",morphSkipChildren:"[hx-morph-skip-children]",morphScanLimit:10,noSwap:[204,304],implicitInheritance:!1,defaultSettleDelay:1,allowEmptySwapAfterOOB:!1};let n=document.querySelector('meta[name="htmx-config"]');n&&s.merge(n.content,this.config),this.#T=this.config.extensions}#bt(){if(this.config.includeIndicatorCSS!==!1){let n=this.config.indicatorClass,r=this.config.requestClass;try{this.indicatorStyleSheet=new CSSStyleSheet,this.indicatorStyleSheet.replaceSync(`.${n}{opacity:0;visibility: hidden} .${r} .${n}, .${r}.${n}{opacity:1;visibility: visible;transition: opacity 200ms ease-in}`),document.adoptedStyleSheets.push(this.indicatorStyleSheet)}catch{}}}registerExtension(n,r){if(this.#T&&!this.#T.split(/,\s*/).includes(n)||this.#G.has(n))return!1;this.#G.add(n),r.init&&r.init(this.#E),Object.entries(r).forEach(([o,a])=>{this.#n.get(o)?.push(a)||this.#n.set(o,[a])})}#R(n){let r=this.config.prefix;return!n.closest||n.closest("[hx-ignore]")!=null||r&&n.closest(`[${r}ignore]`)!=null}#x(n,r){let o=this.config.prefix;return n.getAttribute(r)??(o?n.getAttribute(r.replace("hx-",o)):null)}#P(n,r){let o=this.config.prefix&&r.replace("hx-",this.config.prefix);return n.hasAttribute(r)?r:o&&n.hasAttribute(o)?o:null}#l(n){return this.#y(n).join(",")}#y(n){let r=[n];return this.config.prefix&&r.push(n.replaceAll("hx-",this.config.prefix)),r}#c(n,r){let o=[...n.querySelectorAll?.(r)??[]];return n.matches?.(r)&&o.unshift(n),o}#Mt(n){return n==="before"?"beforebegin":n==="after"?"afterend":n==="prepend"?"afterbegin":n==="append"?"beforeend":n}#wt(n,r){let o=[];return this.#e(n,r,void 0,(a,l)=>{a?.split(/\s*[,:]\s*/).includes("this")&&o.push(l)}),o}#e(n,r,o,a,l=this.config.implicitInheritance){r=this.#m(r);let c=this.#m(":inherited"),h=this.#m(":append"),u=this.#x(n,r)??this.#x(n,r+c);if(u!=null)return a?a(u,n):u;let d=CSS.escape(l?r:r+c),f=CSS.escape(r+c+h),m=this.#l(`[${d}],[${f}]`),y=this.#P(n,r+h)??this.#P(n,r+c+h);if(y){let g=n.getAttribute(y),x=n.parentNode?.closest?.(m);if(a&&a(g,n),x){let S=this.#e(x,r,void 0,a,l);return S?(S+","+g).replace(/[{}]/g,""):g}return g}let p=n.parentNode?.closest?.(m);return p?(u=this.#e(p,r,void 0,a),!a&&u&&l&&this.#a(n,"htmx:after:implicitInheritance",{elt:n,name:r,parent:p}),u):o}#Z(n){return s.split(n).flatMap(r=>{r=r.replace(/^\s*every\s+(\S+?)\s*(\[[^\]]*\])/,"every$2 $1");let[,o,a]=r.match(/^\s*(\S+\[[^\]]*\]|\S+)\s*(.*?)\s*$/)??[];if(!o)return[];if(/\[[^\]]*$/.test(o))throw"unterminated:"+o;return[{name:o,...s.parse(a)}]})}#J(n,r){let o=this.#e(n,"hx-method"),a=this.#e(n,"hx-action",void 0,void 0,!1);if(!a)for(let l of this.#vt){let c=this.#e(n,"hx-"+l,void 0,void 0,!1);if(c!=null){a=c,o=l;break}}return this.#d(n)&&(a||=r.submitter?.getAttribute?.("formAction")||n.getAttribute(n.matches("a")?"href":"action")),o||=r.submitter?.getAttribute?.("formmethod")||n.getAttribute("method")||"GET",{action:a,method:o.toUpperCase()}}#o(n){return n._htmx||(n._htmx={listeners:[],triggerSpecs:[]},n.setAttribute("data-htmx-powered","true")),n._htmx}#h(n){return n._htmx_state||={}}#Tt(n){if(this.#rt(n)&&this.#t(n,"htmx:before:init",{},!0)){let r=this.#o(n);r.initialized=!0,r.eventHandler=this.#K(n),this.#it(n),this.#t(n,"htmx:after:init",{},!0)}}#K(n){return async r=>{try{let o=this.#I(n,r);await this.#Q(o)}catch(o){this.#t(n,"htmx:error",{error:o})}}}#I(n,r){let{action:o,method:a}=this.#J(n,r),[l,c]=(o||"").split("#"),h=new AbortController,u={sourceElement:n,sourceEvent:r,status:"created",select:this.#e(n,"hx-select"),selectOOB:this.#e(n,"hx-select-oob"),target:this.#e(n,"hx-target"),swap:this.#e(n,"hx-swap")??this.config.defaultSwap,push:this.#e(n,"hx-push-url"),replace:this.#e(n,"hx-replace-url"),transition:this.config.transitions,confirm:this.#e(n,"hx-confirm"),request:{validate:this.#e(n,"hx-validate",n.matches("form")&&!n.noValidate&&!r.submitter?.formNoValidate?"true":"false",void 0,!1)==="true",action:l,anchor:c,method:a,headers:this.#Et(n),abort:h.abort.bind(h),credentials:"same-origin",signal:h.signal,mode:this.config.mode}};n._htmx?.boosted&&s.merge(n._htmx.boosted,u),u.target=this.#L(n,u.target),u.target&&(u.request.headers["HX-Target"]=this.#j(u.target));let d=this.#e(n,"hx-config");return d&&(s.merge(d,u.request),u.request.mode=this.config.mode),u}#j(n){return`${n.tagName.toLowerCase()}${n.id?"#"+encodeURI(n.id):""}`}#Et(n){let r={"HX-Request":"true","HX-Source":this.#j(n),"HX-Current-URL":location.href,Accept:"text/html"};return this.#d(n)&&(r["HX-Boosted"]="true"),r}#At(n,r){return this.#U(n,"hx-headers",o=>{for(let a in o)r.request.headers[a]=String(o[a])},{ctx:r})}#L(n,r){return r instanceof Element?r:r!=null?this.#O(n,r,"hx-target"):this.#d(n)?document.body:n}#d(n){return n?._htmx?.boosted}async#Q(n){let r=n.sourceElement,o=n.sourceEvent;if(!r.isConnected||this.#Lt(o))return;this.#nt(o)&&o.preventDefault();let a=/GET|DELETE/.test(n.request.method),l=a?r.matches("form")?r:null:r.form||r.closest("form"),c=this.#ut(r,l,o.submitter,n.request.validate,a);if(!c)return;let h=this.#U(r,"hx-vals",f=>{n.vals=f;for(let m in f)c.set(m,f[m])},{ctx:n});if(h&&await h,n.values)for(let f in n.values)c.delete(f),c.append(f,n.values[f]);let u=this.#At(r,n);if(u&&await u,Object.assign(n.request,{form:l,submitter:o.submitter,body:c}),!this.#t(r,"htmx:config:request",{ctx:n})||n.request.method==="DIALOG")return;let d=this.#k(n.request.action);if(d!=null){let f=Object.fromEntries(n.request.body);await this.#u(n.sourceElement,f,d,!1);return}else if(a){let f=new URL(n.request.action,document.baseURI);for(let m of n.request.body.keys())f.searchParams.delete(m);for(let[m,y]of n.request.body)f.searchParams.append(m,y);f.origin===location.origin?n.request.action=f.pathname+f.search:n.request.action=f.href,n.request.body=null}else(this.#e(r,"hx-encoding")??l?.enctype)!=="multipart/form-data"&&(n.request.body=new URLSearchParams(n.request.body));await this.#tt(n)}async#tt(n){let r=n.sourceElement,o=this.#It(r),a=this.#et(r);this.#re(r);let l=()=>n.request?.abort?.();if(a.admit(o,()=>this.#tt(n),l)==="run"){n.status="issuing",n.indicators??=[],n.disabledElements??=[];try{if(n.confirm&&!await new Promise(u=>{let d={ctx:n,issueRequest:()=>u(!0),dropRequest:()=>u(!1)};if(this.#t(r,"htmx:confirm",d)){let f=this.#k(n.confirm);u(f?this.#u(r,{ctx:n},f,!0):window.confirm(n.confirm))}})||(this.#Pt(n),this.#jt(n),this.#te(n),n.fetch||=window.fetch.bind(window),n.request.headers["HX-Request-Type"]=n.target===document.body||n.select?"full":"partial",!this.#t(r,"htmx:before:request",{ctx:n})))return;let c=await n.fetch(n.request.action,n.request);if(n.response={raw:c,status:c.status,headers:c.headers},this.#Ct(n),!this.#t(r,"htmx:before:response",{ctx:n})||(n.text=await c.text(),!this.#t(r,"htmx:after:request",{ctx:n})))return;if(n.response.status>=400&&this.#t(r,"htmx:response:error",{ctx:n}),this.#Rt(n)){n.keepIndicators=!0;return}if(n.status==="issuing"){if(n.hx.retarget&&(n.target=n.hx.retarget),n.hx.reswap&&(n.swap=n.hx.reswap),n.hx.reselect&&(n.select=n.hx.reselect),n.target?.isConnected===!1)return;n.status="response received",this.#he(n),await this.swap(n),n.status="swapped"}}catch(c){n.status="error: "+c,(c?.name!=="AbortError"||n.request.signal.reason==="timeout")&&this.#t(r,"htmx:error",{ctx:n,error:c})}finally{await n.extensionPromise?.catch(()=>{}),clearTimeout(n.requestTimeout),n.hx?.trigger&&this.#Nt(n.hx.trigger,n.sourceElement),this.#t(r,"htmx:finally:request",{ctx:n}),n.keepIndicators||(this.#Qt(n.indicators),this.#ee(n.disabledElements)),a.continue(l)}}}#Ct(n){n.hx={};for(let[r,o]of n.response.raw.headers)r.toLowerCase().startsWith("hx-")&&(n.hx[r.slice(3).toLowerCase().replace(/-/g,"")]=o)}#Rt(n){if(n.hx.refresh==="true")return this._loc.reload(),!0;if(n.hx.redirect)return this._loc.href=n.hx.redirect,!0;if(n.hx.location){let r=n.hx.location,o={},a=s.parse(r);return(r[0]==="{"||a.path!=null)&&(o=a,r=o.path,delete o.path),o.push==null&&o.replace==null&&(o.push="true"),o.indicators=n.indicators,o.disabledElements=n.disabledElements,this.ajax("GET",r,o),!0}}#Pt(n){let r=n.request.timeout!=null?this.parseInterval(n.request.timeout):this.config.defaultTimeout;r&&(n.requestTimeout=setTimeout(()=>n.request?.abort?.("timeout"),r))}#It(n){let r=this.#e(n,"hx-sync");if(!r)return"queue first";let o=r.split(":").pop().trim();return/^(drop|abort|replace|queue)/.test(o)?o:"queue first"}#et(n){let r=this.#e(n,"hx-sync"),o=n;if(r){let a=r.includes(":")?r.slice(0,r.lastIndexOf(":")).trim():/^(drop|abort|replace|queue)/.test(r)?null:r;a&&(o=this.#O(n,a,"hx-sync")||n)}return this.#h(o).rq||=new t}#Lt(n){return n.type==="click"&&(n.ctrlKey||n.metaKey||n.shiftKey)&&!!n.currentTarget?.closest?.("a[href]")}#nt(n){let r=n.currentTarget;if(n.type==="submit"&&r?.tagName==="FORM")return!0;if(!(n.type==="click"&&n.button===0))return!1;let l=r?.closest?.('button, input[type="submit"], input[type="image"]'),c=l?.form||l?.closest("form");if(l&&!l.disabled&&c&&(l.type==="submit"||l.type==="image"||!l.type&&l.tagName==="BUTTON"))return!0;let u=r?.closest?.("a");if(!u||!u.href)return!1;let d=u.getAttribute("href");return!(d&&d.startsWith("#")&&d.length>1)}#it(n,r=n._htmx.eventHandler){let a=this.#e(n,"hx-trigger",void 0,void 0,!1)||(n.matches("form")?"submit":n.matches("input:not([type=button]):not([type=submit]),select,textarea")?"change":"click");this.#v(n,a,r)}#v(n,r,o){let a=this.#Z(r);this.#o(n).triggerSpecs.push(...a);for(let l of a){l.listeners=[];let[c,h]=this.#Dt(l.name),u=[n];l.from==="outside"?u=[document]:l.from&&l.from!=="self"&&(u=this.#s(n,l.from));let d=m=>{if((l.halt||l.prevent)&&m.preventDefault(),(l.halt||l.stop||l.consume)&&m.stopPropagation(),l.changed){let y=this.#h(n).changedValues??=new WeakMap,p=m.target;if(!["checkbox","radio"].includes(p?.type)){let g=p?.value;if(y.has(p)&&y.get(p)===g)return;y.set(p,g)}}if(l.once)for(let y of l.listeners)y.fromElt.removeEventListener(y.eventName,y.handler,y);o(m)},f=d;if(l.delay?f=m=>{clearTimeout(l.timeout),l.timeout=setTimeout(()=>d(m),this.parseInterval(l.delay))}:l.throttle&&(f=m=>{l.throttled?l.throttledEvent=m:(l.throttled=!0,d(m),l.throttleTimeout=setTimeout(()=>{if(l.throttled=!1,l.throttledEvent){let y=l.throttledEvent;l.throttledEvent=null,f(y)}},this.parseInterval(l.throttle)))}),l.handler=m=>{if(this.#nt(m)&&m.preventDefault(),!(l.from==="self"&&m.target!==n)&&!(l.from==="outside"&&n.contains(m.target))&&!(l.target&&!m.target?.matches?.(l.target))){if(h){let y={};for(let p in m)/^[a-z]+$/i.test(p)&&(y[p]=m[p]);if(!this.#u(n,y,h,!0,!1))return}if(c!=="every")for(let y of this.#o(n).triggerSpecs)clearTimeout(y.timeout),y.throttledEvent=null;f(m)}},c==="intersect"||c==="revealed"){let m={rootMargin:l.rootMargin};l.root&&(m.root=this.#O(n,l.root)),l.threshold&&(m.threshold=parseFloat(l.threshold));let y=c==="revealed";l.observer=new IntersectionObserver(p=>{for(let g=0;g<p.length;g++)if(p[g].isIntersecting){this.trigger(p[g].target,"intersect",{},!1),y&&l.observer.disconnect();break}},m),c="intersect";for(let p of u)l.observer.observe(p)}if(c==="every"){let m=Object.keys(l).find(y=>y!=="name");l.interval=setInterval(()=>{n.isConnected?this.#t(n,"every",{},!1):clearInterval(l.interval)},this.parseInterval(m))}if(c==="load"){l.handler(new CustomEvent("load"));continue}for(let m of u){let y={fromElt:m,eventName:c,handler:l.handler,capture:!!l.capture,passive:!!l.passive};n._htmx.listeners.push(y),l.listeners.push(y),m.addEventListener(c,l.handler,y)}}}#Dt(n){let r=n.match(/^([^\[]*)\[([^\]]*)]/);return r?[r[1],r[2]]:[n,null]}#Nt(n,r){if(n[0]==="{"){let o=s.parse(n);for(let a in o){let l=o[a],c=r;l?.target&&(c=this.find(l.target)),this.trigger(c,a,typeof l=="object"?l:{value:l})}}else n.split(",").forEach(o=>this.trigger(r,o.trim(),{}))}#Ut(n){let r={},o=Object.getPrototypeOf(this);for(let a of Object.getOwnPropertyNames(o))a!=="constructor"&&typeof this[a]=="function"&&(["find","findAll"].includes(a)?r[a]=(l,c)=>c===void 0?this[a](n,l):this[a](l,c):r[a]=this[a].bind(this));return r}#u(n,r,o,a=!0,l=!0,c=!1){let h={};Object.assign(h,this.#Ut(n));let u={},d={scope:u,code:o};this.#a(n,"htmx:scope",d),o=d.code,Object.assign(h,u),Object.assign(h,r);let f=Object.keys(h),m=Object.values(h),y=l?this.#q:this.#W,p=new y(...f,a?`return (${o})`:o);return c?()=>p.call(n,...m):p.call(n,...m)}process(n,r){if(!n?.isConnected)return;if(!(n instanceof Element)){for(let c of n.children||[])this.process(c,r);return}if(r&&this.#i(n,!0),this.#R(n)||!this.#t(n,"htmx:before:process"))return;let o=[n],a=this.#Y.evaluate(n),l=null;for(;l=a.iterateNext();)o.push(l);for(let c of o)!this.#R(c)&&this.#t(c,"htmx:before:on:init",{},!0)&&this.#Kt(c);for(let c of this.#c(n,this.#X))this.#Tt(c);for(let c of this.#c(n,this.#yt))this.#Ft(c);this.#t(n,"htmx:after:process")}#Ft(n){let r=this.#e(n,"hx-boost");if(r&&r!=="false"&&this.#Ot(n)&&this.#t(n,"htmx:before:init",{},!0)){let o=this.#o(n);o.initialized=!0,o.eventHandler=this.#K(n),o.boosted=r,this.#it(n),this.#t(n,"htmx:after:init",{},!0)}}#Ot(n){if(this.#rt(n)){if(n.tagName==="A"){if(n.target===""||n.target==="_self")return!n.hasAttribute("download")&&!n.getAttribute("href")?.startsWith?.("#")&&this.#st(n.href)}else if(n.tagName==="FORM")return n.method!=="dialog"&&this.#st(n.action)}}#st(n){try{return new URL(n,window.location.href).origin===window.location.origin}catch{return!1}}#rt(n){return!n._htmx?.initialized&&!this.#R(n)}#i(n,r){let o=[n,...n.querySelectorAll?.("[data-htmx-powered]")??[]];for(let a of o)if(a._htmx){this.#t(a,"htmx:before:cleanup");for(let l of a._htmx.triggerSpecs||[])l.interval&&clearInterval(l.interval),l.timeout&&clearTimeout(l.timeout),l.throttleTimeout&&clearTimeout(l.throttleTimeout),l.observer?.disconnect();for(let l of a._htmx.listeners||[])l.fromElt.removeEventListener(l.eventName,l.handler,l);a.removeAttribute("data-htmx-powered"),this.#t(a,"htmx:after:cleanup"),r&&delete a._htmx}}#Bt(n){let r=document.createElement("div");r.hidden=!0,document.body.insertAdjacentElement("afterend",r);let o=n.querySelectorAll?.(this.#l("[hx-preserve]"))||[];for(let a of o){let l=document.getElementById(a.id);l&&this.#p(r,l,null)}return r}#kt(n){for(let r of[...n.children]){let o=document.getElementById(r.id);o&&(this.#p(o.parentNode,r,o),this.#i(o),o.remove())}n.remove()}#D(n){let r=this.#A.createHTML(n);return Document.parseHTMLUnsafe?.(r,{})||new DOMParser().parseFromString(r,"text/html")}#zt(n){let r=n.replace(/<hx-([a-z]+)(\s+|>)/gi,'<template hx type="$1"$2').replace(/<\/hx-[a-z]+>/gi,"</template>"),o="";r=r.replace(/<head(\s[^>]*)?>[\s\S]*?<\/head>/i,h=>(o=this.#D(h).title,""));let a=r.match(/<([a-z][^\/>\x20\t\r\n\f]*)/i)?.[1]?.toLowerCase(),l,c;if(a==="html"||a==="body"?(l=this.#D(r),c=document.createDocumentFragment(),c.append(l.body)):(l=this.#D(`<template>${r}</template>`),c=l.querySelector("template").content),!o){let h=c.querySelector("title:not(svg title)");h&&(o=h.textContent,h.remove())}return this.#ct(c),{fragment:c,title:o}}#ot(n,r,o,a){let l=r.id?"#"+CSS.escape(r.id):null,[,c,h]=o.match(/^(\S+):(.+)/)??[];c&&([o,l]=[c,h||l]),(o==="true"||!o)&&(o="outerHTML");let u=this.#S(o);if(l=u.target||l,u.strip??=!u.style.startsWith("outer"),!l)return;let d=this.#s(a,l);for(let f of d){let m=document.createDocumentFragment();m.append(r.cloneNode(!0)),n.push({type:"oob",fragment:m,target:f,swapSpec:u,sourceElement:a})}r.remove()}#Vt(n,r,o){let a=[];if(o)for(let l of o.split(",")){let[c,h="true"]=l.split(/:(.*)/);for(let u of n.querySelectorAll(c))this.#ot(a,u,h,r)}for(let l of n.querySelectorAll(this.#l("[hx-swap-oob]"))){let c=this.#P(l,"hx-swap-oob"),h=l.getAttribute(c);l.removeAttribute(c),this.#ot(a,l,h,r)}return a}#f(n,r,o){r?r.before(...o.childNodes):n.append(...o.childNodes)}#S(n){n=n.trim();let r=this.config.defaultSwap;if(n&&!/^\S*:/.test(n)){let o=n.match(/^(\S+)\s*(.*)$/);r=o[1],n=o[2]}return{style:this.#Mt(r),...s.parse(n)}}#Ht(n,r){let o=[];for(let a of n.querySelectorAll("template[hx]")){let l=a.getAttribute("type");if(l==="partial"){let c=this.#x(a,"hx-target")||(a.id?"#"+CSS.escape(a.id):null);if(c){this.#ct(a.content);let h=this.#S(this.#x(a,"hx-swap")||this.config.defaultSwap);h.ignoreTitle&&(r.title=null);let u=this.#s(r.sourceElement,c);for(let d of u.length?u:[null])o.push({type:"partial",fragment:a.content.cloneNode(!0),target:d,swapSpec:h,sourceElement:r.sourceElement})}}else this.#a(a,"htmx:process:"+l,{ctx:r,tasks:o});a.remove()}return o}#at(n,r,o,a){try{o!=null&&n.setSelectionRange&&n.setSelectionRange(o,a),n.focus(r)}catch{}}#Gt(n){let r=this.#c(n,"[autofocus]")[0];r&&this.#at(r)}#lt(n){return n===window||n===document?document.scrollingElement:n}#Wt(n,r){if(n.scroll){let o=n.scrollTarget?this.#lt(this.#B(r,n.scrollTarget)):r;o&&(n.scroll==="top"?o.scrollTop=0:n.scroll==="bottom"&&(o.scrollTop=o.scrollHeight))}(n.show==="top"||n.show==="bottom")&&(n.showTarget?this.#lt(this.#B(r,n.showTarget)):r)?.scrollIntoView?.(n.show==="top")}#qt(n){n.request?.anchor&&document.getElementById(n.request.anchor)?.scrollIntoView({block:"start",behavior:"auto"})}#ct(n){let r=this.#c(n,"script");for(let o of r){let a=document.createElement("script");for(let l of o.attributes)a.setAttribute(l.name,l.value);this.config.inlineScriptNonce&&(a.nonce=this.config.inlineScriptNonce),a.textContent=this.#A.createScript(o.textContent),o.replaceWith(a)}}initialize(){this.config.history&&!this.#$&&(this.#$=!0,window.navigation&&!/firefox/i.test(navigator.userAgent)?navigation.addEventListener("navigate",n=>{n.navigationType==="traverse"&&n.canIntercept&&!n.hashChange&&n.intercept({handler:()=>this.#ht()})}):window.addEventListener("popstate",n=>this.#ht(n.state))),this.process(document.body)}async swap(n){try{let{fragment:r,title:o}=this.#zt(n.text);n.title=o;let a=[],l=this.#Vt(r,n.sourceElement,n.selectOOB),c=this.#Ht(r,n);a.push(...l,...c);let h=c.length||l.length&&!this.config.allowEmptySwapAfterOOB,u=this.#Xt(n,r,h);if(u&&a.unshift(u),!this.#t(n.sourceElement,"htmx:before:swap",{ctx:n,tasks:a}))return;this.#Jt(n);let d=[],f=[];for(let m of a)m.swapSpec?.transition??u?.transition??n.transition?f.push(m):d.push(this.#N(m));if(f.length>0){let m=async()=>{for(let y of f)await this.#N(y,!1)};d.push(this.#ue(m,n))}await Promise.all(d),!n.sourceElement?.isConnected&&u?.target?.isConnected&&(n.sourceElement=u.target),this.#t(n.sourceElement,"htmx:after:swap",{ctx:n}),n.title&&n.swap!=="none"&&(document.title=n.title),this.#qt(n)}finally{this.#t(n.sourceElement,"htmx:finally:swap",{ctx:n})}}#Xt(n,r,o){let a=this.#S(n.swap||this.config.defaultSwap);if(a.ignoreTitle&&(n.title=null),a.style==="delete"||(r.querySelector("body")||r).childElementCount>0||r.textContent.trim()||(a.swapEmpty??!o)){if(n.select){let c=r.querySelectorAll(n.select);r=document.createDocumentFragment(),r.append(...c)}return this.#d(n.sourceElement)&&(a.show||="top"),{type:"main",fragment:r,target:this.#L(n.sourceElement||document.body,a.target||n.target),swapSpec:a,sourceElement:n.sourceElement,transition:n.transition&&a.transition!==!1}}}async#N(n,r=!0){let{target:o,swapSpec:a,fragment:l}=n;if(typeof o=="string"&&(o=document.querySelector(o)),!o)return;typeof a=="string"&&(a=this.#S(a));let c=a.style;if(c==="none")return;if(l.firstElementChild?.tagName==="BODY"){let p=o===document.body&&c.startsWith("outer");p&&c==="outerHTML"&&(c="outerSync"),a.strip??=!p}if(a.strip&&l.firstElementChild&&(l=document.createDocumentFragment(),l.append(...(n.fragment.firstElementChild.content||n.fragment.firstElementChild).childNodes)),this.#b(o,"htmx-swapping"),r&&n.swapSpec?.swap&&await this.timeout(n.swapSpec?.swap),c==="delete"){o.parentNode&&(this.#i(o),o.parentNode.removeChild(o));return}let h,u=[],d=a.settle??this.config.defaultSettleDelay,f=o.parentNode;if(c==="innerHTML"||c==="outerHTML"&&f){let p=document.activeElement;if(p?.id){let g,x;try{g=p.selectionStart,x=p.selectionEnd}catch{}h={elt:p,start:g,end:x}}u=r&&d?this.#de(l,o):[]}let m=this.#Bt(l),y=[...l.childNodes];try{if(c==="innerHTML"){for(let p of o.children)this.#i(p);o.replaceChildren(...l.childNodes)}else if(c==="textContent"){for(let p of o.querySelectorAll("[data-htmx-powered]"))this.#i(p);o.textContent=l.textContent}else if(c==="outerHTML")f&&(this.#f(f,o,l),this.#i(o),f.removeChild(o),o=y.find(p=>p.nodeType===1)||f);else if(c==="outerSync"){this.#H(o,l.firstElementChild);for(let p of o.children)this.#i(p);o.replaceChildren(...l.firstElementChild.childNodes),y=[o]}else if(c==="innerMorph")this.#z(o,l,!0),y=[...o.childNodes];else if(c==="outerMorph")this.#z(o,l,!1),y.push(o);else if(c==="beforebegin")f&&this.#f(f,o,l);else if(c==="afterbegin")this.#f(o,o.firstChild,l);else if(c==="beforeend")this.#f(o,null,l);else if(c==="afterend")f&&this.#f(f,o.nextSibling,l);else{let p=this.#n.get("handle_swap")||[],g=!1;for(let x of p){let S=x(c,o,l,a);if(S){g=!0,Array.isArray(S)&&(y=S);break}}if(!g)throw new Error(`Unknown swap style: ${c}`)}}finally{this.#M(o,"htmx-swapping")}if(n.target=o,this.#kt(m),h&&!h.elt.matches(":focus")){let p=document.getElementById(h.elt.id);if(p){let g={preventScroll:a.focusScroll!==void 0?!a.focusScroll:!this.config.defaultFocusScroll};this.#at(p,g,h.start,h.end)}}this.#t(o,"htmx:before:settle",{task:n,newContent:y,settleTasks:u});for(let p of y)this.#b(p,"htmx-added");if(r&&u.length>0){this.#b(o,"htmx-settling"),await this.timeout(d);for(let p of u)p();this.#M(o,"htmx-settling")}this.#t(o,"htmx:after:settle",{task:n,newContent:y,settleTasks:u});for(let p of y)this.#M(p,"htmx-added"),this.process(p),this.#Gt(p);this.#Wt(a,o)}#t(n,r,o={},a=!0){if(o.error){let l=`htmx: ${r}: ${o.error.message??o.error}`;o.error instanceof Error?console.error(l,o.error,{elt:n,detail:o}):console.error(l,{elt:n,detail:o})}else o.warn?console.warn(`htmx: ${r}: ${o.warn}`,{elt:n,detail:o}):this.config.logAll&&console.log(`htmx: ${r}`,{elt:n,detail:o});return n=this.#w(n),this.#a(n,r,o),this.trigger(n,this.#m(r),o,a)}#a(n,r,o={}){let a=this.#n.get(r.replace(/:/g,"_"));if(a){o.cancelled=!1;for(let l of a)if(l(n,o)===!1||o.cancelled)return o.cancelled=!0,!1}return!0}timeout(n){if(n=this.parseInterval(n),n>0)return new Promise(r=>setTimeout(r,n))}onLoad(n){this.on(this.#m("htmx:after:process"),r=>{n(r.target)})}on(n,r,o){let a,l=document;return o===void 0?(a=n,o=r):(l=this.#w(n),a=r),l.addEventListener(a,o),o}find(n,r){return this.#B(n,r)}findAll(n,r){return this.#s(n,r)}parseInterval(n){if(typeof n=="number")return n;let r={ms:1,s:1e3,m:6e4},[,o,a]=n?.match(/^([\d.]+)(ms|s|m)?$/)||[],l=parseFloat(o)*(r[a]||1);return isNaN(l)?void 0:l}trigger(n,r,o={},a=!0){n=this.#w(n);let l=new CustomEvent(r,{detail:o,cancelable:!0,bubbles:a,composed:!0}),c=n?.isConnected?n:document;return!o?.cancelled&&c.dispatchEvent(l)}ajax(n,r,o){(!o||o instanceof Element||typeof o=="string")&&(o={target:o});let a=typeof o.source=="string"?document.querySelector(o.source):o.source;if(typeof o.source=="string"&&!a)return Promise.reject(new Error("Source not found"));a||=document.body;let l=this.#I(a,o.event||{});return Object.assign(l,o),o.target&&(l.target=this.#L(document.body,o.target),!l.target)?Promise.reject(new Error("Target not found")):(Object.assign(l.request,{action:r,method:n.toUpperCase()}),o.headers&&Object.assign(l.request.headers,o.headers),this.#Q(l))}#Yt(n){this.config.history&&(history.pushState({htmx:!0},"",n),this.#t(document,"htmx:after:history:push",{path:n}))}#$t(n){this.config.history&&(history.replaceState({htmx:!0},"",n),this.#t(document,"htmx:after:history:replace",{path:n}))}async#ht(n,r){if(await this.timeout(1),n??=history.state,!n?.htmx)return;this.#C?.abort(),r=r||location.pathname+location.search;let o=document.querySelector(this.#l("[hx-history-elt]"))||document.body;if(this.#t(document,"htmx:before:history:restore",{path:r,cacheMiss:!0}))if(this.config.history==="reload")this._loc.reload();else return this.#C=new AbortController,this.ajax("GET",r,{target:o,swap:"outerSync",select:o!==document.body?this.#l("[hx-history-elt]"):void 0,request:{headers:{"HX-History-Restore-Request":"true"},signal:this.#C.signal}})}#Zt(n){let{sourceElement:r,push:o,replace:a,hx:l,response:c}=n;if((l?.pushurl||l?.replaceurl)&&(o=l.pushurl,a=l.replaceurl),o==null&&a==null&&this.#d(r)&&(o="true"),(o==="false"||o===!1)&&(o=null),(a==="false"||a===!1)&&(a=null),!o&&!a)return null;let h=o||a;if(h==="true"){let d=c?.raw?.url||n.request.action,f=new URL(d,location.href);h=f.pathname+f.search+(n.request.anchor?"#"+n.request.anchor:"")}return{type:o?"push":"replace",path:h}}#Jt(n){if(!this.config.history)return;history.state?.htmx||history.replaceState({htmx:!0},"",location.href);let r=this.#Zt(n);if(!r)return;let o={history:r,sourceElement:n.sourceElement,response:n.response};this.#t(document,"htmx:before:history:update",o)&&(r.type==="push"?this.#Yt(r.path):this.#$t(r.path),this.#t(document,"htmx:after:history:update",o))}#Kt(n){if(n._htmx?.onInitialized)return;let r=this.#y("hx-on"),o=this.config.metaCharacter||":",a=l=>async c=>{try{await this.#u(n,{event:c},`with(event?.detail||{}){${l}}`,!1)}catch(h){typeof h!="symbol"&&this.#t(n,"htmx:error",{error:h})}};for(let l of n.getAttributeNames()){let c=r.find(f=>l.startsWith(f));if(!c)continue;this.#o(n).onInitialized=!0;let h=l.substring(c.length),u=n.getAttribute(l);if(!h){for(let f of u.split(/;(?=[^;]*->)/)){let m=f.indexOf("->");m!==-1&&this.#v(n,f.substring(0,m).trim(),a(f.substring(m+2).trim()))}continue}if(h[0]!==o)continue;let d=h.substring(1);d.startsWith(o)&&(d="htmx"+o+d.substring(1)),this.#v(n,d,a(u))}}#jt(n){let r=n.sourceElement,o=this.#e(r,"hx-indicator"),a;if(o)a=this.#s(r,o,"hx-indicator");else{if(r===document.body)return;a=[r]}for(let l of a){n.indicators.push(l);let c=this.#h(l);c.rc=(c.rc||0)+1,this.#b(l,this.config.requestClass)}}#Qt(n){for(let r of n){let o=this.#h(r);o.rc&&--o.rc<=0&&(this.#M(r,this.config.requestClass),delete o.rc)}}#te(n){let r=n.sourceElement,o=this.#e(r,"hx-disable");if(o)for(let a of this.#s(r,o,"hx-disable")){n.disabledElements.push(a);let l=this.#h(a);l.dc=(l.dc||0)+1,a.disabled=!0}}#ee(n){for(let r of n){let o=this.#h(r);o.dc&&--o.dc<=0&&(r.disabled=!1,delete o.dc)}}#ut(n,r,o,a,l){if(a&&r&&!r.reportValidity())return;o??=r&&n.type==="submit"?n:null;let c=r?new FormData(r):new FormData,h=r?new Set(r.elements):new Set;if(!r){if(a&&n.reportValidity&&!n.reportValidity())return;this.#dt(n,h,c,l)}o?.name&&(c.append(o.name,o.value),h.add(o));let u=this.#e(n,"hx-include");if(u)for(let d of this.#s(n,u)){if(a&&d.reportValidity&&!d.reportValidity())return;this.#dt(d,h,c)}return c}#dt(n,r,o,a){let l=n.tagName,c=[];l==="BUTTON"||l.includes("-")?c=[n]:(["INPUT","SELECT","TEXTAREA","FIELDSET"].includes(l)||!a&&n!==document.body)&&(c=this.#c(n,"[name]:not(button)"));for(let h of c){let u=h.name||h.getAttribute?.("name");if(!u||h.matches(":disabled")||r.has(h))continue;r.add(h);let d=h.type;if(d==="checkbox"||d==="radio"||h.tagName!=="INPUT"&&"checked"in h)h.checked&&o.append(u,h.value);else if(d==="file")for(let f of h.files)o.append(u,f);else if(d==="select-multiple")for(let f of h.selectedOptions)o.append(u,f.value);else if(Array.isArray(h.value))for(let f of h.value)o.append(u,f);else o.append(u,h.value)}}#U(n,r,o,a={}){let l=this.#e(n,r);if(!l)return null;let c=this.#k(l);if(c)return c.indexOf("{")!==0&&(c="{"+c+"}"),this.#u(n,a,c,!0).then(h=>{o(h)});o(s.parse(l))}#ne(n){let r=n.trim();return r.startsWith("<")&&r.endsWith("/>")?r.slice(1,-2):r}#s(n,r,o,a){let l=r??n,c=r?this.#w(n)||document.body:document;if(l.startsWith("global "))return this.#s(c,l.slice(7),o,!0);let h=l?s.split(l):[],u=[],d=[];for(let f of h){let m=this.#ne(f),y;if(m.startsWith("closest "))y=c.closest(m.slice(8));else if(m.startsWith("find "))y=c.querySelector(m.slice(5));else if(m.startsWith("findAll "))u.push(...c.querySelectorAll(m.slice(8)));else if(m==="next"||m==="nextElementSibling")y=c.nextElementSibling;else if(m.startsWith("next "))y=this.#ie(c,m.slice(5),!!a);else if(m==="previous"||m==="previousElementSibling")y=c.previousElementSibling;else if(m.startsWith("previous "))y=this.#se(c,m.slice(9),!!a);else if(m==="document")y=document;else if(m==="window")y=window;else if(m==="body")y=document.body;else if(m==="host")y=c.getRootNode().host;else if(m==="this"){if(o){u.push(...this.#wt(c,o));continue}y=c}else d.push(m);y&&u.push(y)}if(d.length>0){let f=d.join(","),m=this.#F(c,!!a);u.push(...m.querySelectorAll(f))}return[...new Set(u)]}#ie(n,r,o){return this.#ft(this.#F(n,o).querySelectorAll(r),n,Node.DOCUMENT_POSITION_PRECEDING)}#se(n,r,o){let a=[...this.#F(n,o).querySelectorAll(r)].reverse();return this.#ft(a,n,Node.DOCUMENT_POSITION_FOLLOWING)}#ft(n,r,o){for(let a of n)if(a.compareDocumentPosition(r)===o)return a}#F(n,r){return n.isConnected&&n.getRootNode?n.getRootNode?.({composed:r}):document}#O(n,r,o){let a=this.#s(n,r,o)[0];return a||console.warn(`htmx: '${r}' on ${o} did not match any element`,{elt:n,selector:r,attr:o}),a}#B(n,r,o){return this.#s(n,r,o)[0]}#k(n){if(n!=null){if(n.startsWith("js:"))return n.substring(3);if(n.startsWith("javascript:"))return n.substring(11)}}#re(n){let r=this.#o(n);if(r.abortInitialized)return;r.abortInitialized=!0;let o=()=>{this.#et(n).abort()};n.addEventListener("htmx:abort",o),r.listeners.push({fromElt:n,eventName:"htmx:abort",handler:o})}#z(n,r,o){let{persistentIds:a,idMap:l}=this.#le(n,r),c=document.createElement("div");c.hidden=!0,document.body.after(c);let h={target:n,idMap:l,persistentIds:a,pantry:c,futureMatches:new WeakSet};o?this.#V(h,n,r):this.#V(h,n.parentNode,r,n,n.nextSibling),this.#i(c),c.remove()}#V(n,r,o,a=null,l=null){r instanceof HTMLTemplateElement&&o instanceof HTMLTemplateElement&&(r=r.content,o=o.content),a||=r.firstChild;let c=o.firstChild;for(;c;){let h;if(a&&a!=l&&(h=this.#oe(n,c,a,l),h&&h!==a)){let d=a;for(;d&&d!==h;){let f=d;d=d.nextSibling,f instanceof Element&&(n.idMap.has(f)||this.#pt(n,f,c))?this.#p(r,f,l):this.#mt(n,f)}}if(!h&&c instanceof Element&&n.persistentIds.has(c.id)){let d=CSS.escape(c.id);h=n.target.id===c.id&&n.target||n.target.querySelector(`[id="${d}"]`)||n.pantry.querySelector(`[id="${d}"]`);let f=h;for(;f=f.parentNode;){let m=n.idMap.get(f);m&&(m.delete(h.id),m.size||n.idMap.delete(f))}this.#p(r,h,a)}if(h){this.#gt(h,c,n),a=h.nextSibling,c=c.nextSibling;continue}let u=c.nextSibling;if(n.idMap.has(c)){let d=document.createElement(c.tagName);r.insertBefore(d,a),this.#gt(d,c,n),this.process(d),a=d.nextSibling}else r.insertBefore(c,a),a=c.nextSibling;c=u}for(;a&&a!=l;){let h=a;a=a.nextSibling,this.#mt(n,h)}}#pt(n,r,o){if(n.futureMatches.has(r))return!0;for(let a=o.nextSibling,l=0;a&&l<this.config.morphScanLimit;a=a.nextSibling,l++)if(a instanceof Element&&r.isEqualNode(a))return n.futureMatches.add(r),!0;return!1}#oe(n,r,o,a){if(r.nodeType===3)return o?.nodeType===3?o:null;if(!(r instanceof Element))return null;let l=null,c=0,h=this.config.morphScanLimit,u=n.idMap.get(r),d=u?.size||0;if(r.id&&!u)return null;let f=o;for(;f&&f!=a;){let m=n.idMap.get(f);if(this.#E.isSoftMatch(f,r)){if(m&&u&&[...m].some(y=>u.has(y)))return f;if(!m){if(h>0&&f.isEqualNode(r))return f;l||(l=f)}}if(c+=m?.size||0,c>d||document.activeElement?.selectionStart!=null&&f.contains(document.activeElement)||--h<1&&d===0)break;f=f.nextSibling}return l&&this.#pt(n,l,r)?null:l}#ae(n,r){return!(n instanceof Element)||n.tagName!==r.tagName||n.tagName==="SCRIPT"&&!n.isEqualNode(r)?!1:!n.id||n.id===r.id}#mt(n,r){n.idMap.has(r)?this.#p(n.pantry,r,null):(this.#i(r),r.remove())}#p(n,r,o){if(n.moveBefore)try{n.moveBefore(r,o);return}catch{}n.insertBefore(r,o)}#gt(n,r,o){if(n.nodeType===3){n.nodeValue!==r.nodeValue&&(n.nodeValue=r.nodeValue);return}if(this.config.morphSkip&&n.matches?.(this.config.morphSkip)||!this.#a(n,"htmx:before:morph:node",{oldNode:n,newNode:r}))return;this.#H(n,r),n instanceof HTMLTextAreaElement&&document.activeElement!==n&&n.defaultValue!=r.defaultValue&&(n.value=r.value),!(this.config.morphSkipChildren&&n.matches?.(this.config.morphSkipChildren))&&(!n.isEqualNode(r)||r.tagName==="TEMPLATE"||r.querySelector?.("template"))&&this.#V(o,n,r)}#H(n,r){let o=this.config.morphIgnore||[],a=!1,l=c=>this.#y("hx-").some(h=>c.startsWith(h));for(let c of r.attributes)if(!o.some(h=>c.name.startsWith(h))&&n.getAttribute(c.name)!==c.value){if(l(c.name)&&(a=!0),!this.#a(n,"htmx:before:morph:attr",{attrName:c.name,newValue:c.value}))continue;n.setAttribute(c.name,c.value),c.name==="value"&&n instanceof HTMLInputElement&&n.type!=="file"&&document.activeElement!==n&&(n.value=c.value)}for(let c=n.attributes.length-1;c>=0;c--){let h=n.attributes[c];if(h&&!r.hasAttribute(h.name)&&!o.some(u=>h.name.startsWith(u))){if(l(h.name)&&(a=!0),!this.#a(n,"htmx:before:morph:attr",{attrName:h.name,newValue:null}))continue;n.removeAttribute(h.name)}}a&&this.#i(n,!0)}#_t(n,r,o,a){for(let l of a)if(r.has(l.id)){let c=l;for(;c&&c!==o;){let h=n.get(c);h==null&&(h=new Set,n.set(c,h)),h.add(l.id),c=c.parentElement}}}#le(n,r){let o=this.#c(n,"[id]"),a=r.querySelectorAll("[id]"),l=this.#ce(o,a),c=new Map;return this.#_t(c,l,n.parentElement,o),this.#_t(c,l,r,a),{persistentIds:l,idMap:c}}#ce(n,r){let o=new Set,a=new Map;for(let{id:c,tagName:h}of n)a.has(c)?o.add(c):c&&a.set(c,h);let l=new Set;for(let{id:c,tagName:h}of r)l.has(c)?o.add(c):a.get(c)===h&&l.add(c);for(let c of o)l.delete(c);return l}#he(n){let r=n.response.raw.status,o=this.config.noSwap.map(l=>l+""),a=r+"";for(let l of[a,a.slice(0,2)+"x",a[0]+"xx"]){if(o.includes(l)){n.swap="none";return}let c=this.#e(n.sourceElement,"hx-status:"+l);if(c){s.merge(c,n);return}}}#ue(n,r){return new Promise(o=>{this.#g||=[],this.#g.push({task:n,resolve:o,ctx:r}),this.#_||this.#xt()})}async#xt(){if(this.#g.length===0||this.#_)return;this.#_=!0;let{task:n,resolve:r,ctx:o}=this.#g.shift();try{if(document.startViewTransition){let a={task:n,ctx:o};this.#t(o.sourceElement,"htmx:before:viewTransition",a),await document.startViewTransition(a.task).finished,this.#t(o.sourceElement,"htmx:after:viewTransition",a)}else await n()}catch{}finally{this.#_=!1,r(),this.#xt()}}#de(n,r){let o=["class","style","width","height"],a=r.querySelectorAll("[id]"),l=Object.fromEntries([...a].map(u=>[u.id,u])),c=n.querySelectorAll("[id]"),h=[];for(let u of c){let d=l[u.id];if(d?.tagName===u.tagName){let f=u.cloneNode(!1);for(let m of o)d.hasAttribute(m)?u.setAttribute(m,d.getAttribute(m)):u.removeAttribute(m);h.push(()=>{this.#H(u,f)})}}return h}#b(n,r){n?.classList?.add?.(r)}#M(n,r){n?.classList?.remove?.(r),n?.classList?.length===0&&n.removeAttribute("class")}#w(n){return typeof n=="string"?this.find(n):n}#m(n){return this.config.metaCharacter?n.replace(/:/g,this.config.metaCharacter):n}}return new e})();typeof window<"u"&&(window.htmx=Ou);var Bu=Ou;function zu(s){let t=document.getElementById("drop"),e=document.getElementById("files"),i=document.getElementById("progress"),n=document.getElementById("shelf-find");t.addEventListener("click",x=>{x.target!==e&&e.click()}),t.addEventListener("keydown",x=>{(x.key==="Enter"||x.key===" ")&&(x.preventDefault(),e.click())}),e.addEventListener("change",()=>{e.files.length&&c([...e.files]),e.value=""});let r=0;addEventListener("dragenter",x=>{x.preventDefault(),r++,t.classList.add("over")}),addEventListener("dragleave",()=>{--r<=0&&(r=0,t.classList.remove("over"))}),addEventListener("dragover",x=>x.preventDefault()),addEventListener("drop",x=>{x.preventDefault(),r=0,t.classList.remove("over"),x.dataTransfer.files.length&&c([...x.dataTransfer.files])}),n.addEventListener("input",o);function o(){let x=n.value.toLowerCase().split(/\s+/).filter(Boolean);for(let S of document.querySelectorAll(".part"))S.hidden=!x.every(v=>S.dataset.words.includes(v))}let a=Promise.resolve(),l=0;function c(x){a=a.then(()=>h(x)).catch(()=>{})}addEventListener("beforeunload",x=>{l&&x.preventDefault()});async function h(x){let S=new d(`Handing in ${x.length} ${x.length===1?"file":"files"} …`),v;l++;try{v=await g(x,M=>{S.bar.value=M*.5})}catch(M){S.stop(M.message);return}finally{l--}await u(S,v.batch)}async function u(x,S){let v=0;for(;;){let M;try{let w=await fetch(`/p/${s}/imports/${S}`,{headers:{Accept:"application/json"}});if(!w.ok)throw new Error(w.status);M=(await w.json()).files,v=0}catch{++v>1&&(x.title.textContent="The server does not answer. What was handed in is kept and will be read; waiting for it …"),await ku(2e3);continue}if(x.show(M,w=>fetch(`/p/${s}/imports/file/${w}`,{method:"DELETE"})),!M.some(w=>f.has(w.state))){x.done(M);break}await ku(400)}await p()}class d{constructor(S){i.hidden=!1,i.replaceChildren(),this.head=vn("div","phead"),this.title=vn("b","",S),this.bar=vn("progress"),this.list=vn("ul"),this.head.append(this.title),i.append(this.head,this.bar,this.list),this.bar.max=1,this.bar.value=0,this.bar.setAttribute("aria-label","Progress of the import")}show(S,v){let M=S.filter(_=>!f.has(_.state)).length,w=S.find(_=>_.state==="reading")||S.find(_=>_.state==="waiting");this.title.textContent=w?`Reading ${w.name} (${M+1} of ${S.length}) …`:"Reading …",this.bar.value=.5+.5*(M/Math.max(1,S.length));for(let _ of S){let b=`${_.state}|${_.message}|${_.ahead||""}|${Math.floor(_.seconds||0)}`,C=this.list.querySelector(`[data-id="${_.id}"]`);if(C?.dataset.key===b)continue;let A=y(_,v);if(A.dataset.id=_.id,A.dataset.key=b,C){let I=C.contains(document.activeElement);C.replaceWith(A),I&&A.querySelector("button")?.focus()}else this.list.append(A)}}stop(S){this.title.textContent=S,this.bar.remove();let v=vn("button","plain","Close the list");v.type="button",v.addEventListener("click",()=>{i.hidden=!0}),this.head.append(vn("span","grow"),v)}done(S){let v=_=>S.filter(b=>b.state===_).length,M=v("done"),w=[`${M} ${M===1?"file":"files"} read`];if(v("failed")&&w.push(`${v("failed")} could not be read`),v("cancelled")&&w.push(`${v("cancelled")} cancelled`),v("left over")&&w.push(`${v("left over")} left over`),this.stop(w.join(" · ")),S.some(_=>_.message.includes("made: "))){let _=vn("a","","Show the new assemblies");_.href=location.href,this.head.insertBefore(_,this.head.lastChild)}}}let f=new Set(["waiting","with","reading"]),m={waiting:"waiting",with:"waiting",reading:"reading",done:"read",failed:"failed","left over":"left over",cancelled:"cancelled"};function y(x,S){let v=vn("li",`s-${x.state.split(" ")[0]}`);v.dataset.state=x.state;let M=x.message;if(x.state==="reading"&&x.seconds>=2&&(M=`${Math.floor(x.seconds)} s`),x.state==="waiting"&&x.ahead&&(M=`after ${x.ahead} ${x.ahead===1?"other":"others"}`),v.append(vn("span","state",m[x.state]||x.state),vn("span","",x.name),vn("span","grow"),vn("span","soft",M)),x.state==="waiting"||x.state==="reading"){let w=vn("button","plain","Cancel");w.type="button",w.setAttribute("aria-label",`Cancel reading ${x.name}`),w.addEventListener("click",()=>{w.disabled=!0,S(x.id).catch(()=>{w.disabled=!1})}),v.append(w)}return v}fetch(`/p/${s}/imports`,{headers:{Accept:"application/json"}}).then(x=>x.status===200?x.json():null).then(x=>{x&&i.hidden&&(a=a.then(()=>u(new d("Reading what was handed in …"),x.batch)).catch(()=>{}))}).catch(()=>{});async function p(){let x=await fetch(`/p/${s}/parts`);if(!x.ok)return;let S=document.getElementById("parts");S.innerHTML=await x.text(),window.htmx?.process(S);let v=S.querySelectorAll(".part").length;document.getElementById("shelf-count").textContent=`${v} ${v===1?"part":"parts"}`,o()}function g(x,S){return new Promise((v,M)=>{let w=new FormData;for(let b of x)w.append("files",b,b.name);let _=new XMLHttpRequest;_.open("POST",`/p/${s}/imports`),_.setRequestHeader("Accept","application/json"),_.upload.addEventListener("progress",b=>{b.lengthComputable&&S(b.loaded/b.total)}),_.addEventListener("load",()=>{let b;try{b=JSON.parse(_.responseText)}catch{b={}}_.status<300?v(b):M(new Error(b.error||"The files could not be handed in."))}),_.addEventListener("error",()=>M(new Error("The files could not be handed in: the server did not answer."))),_.send(w)})}}var ku=s=>new Promise(t=>setTimeout(t,s));function vn(s,t,e){let i=document.createElement(s);return t&&(i.className=t),e&&(i.textContent=e),i}Ae();Ae();var Yf={type:"change"},Gh={type:"start"},Zf={type:"end"},Al=new Vn,$f=new qe,Pv=Math.cos(70*Th.DEG2RAD),Oe=new P,xn=2*Math.PI,oe={NONE:-1,ROTATE:0,DOLLY:1,PAN:2,TOUCH_ROTATE:3,TOUCH_PAN:4,TOUCH_DOLLY_PAN:5,TOUCH_DOLLY_ROTATE:6},Hh=1e-6,Cl=class extends Xr{constructor(t,e=null){super(t,e),this.state=oe.NONE,this.target=new P,this.cursor=new P,this.minDistance=0,this.maxDistance=1/0,this.minZoom=0,this.maxZoom=1/0,this.minTargetRadius=0,this.maxTargetRadius=1/0,this.minPolarAngle=0,this.maxPolarAngle=Math.PI,this.minAzimuthAngle=-1/0,this.maxAzimuthAngle=1/0,this.enableDamping=!1,this.dampingFactor=.05,this.enableZoom=!0,this.zoomSpeed=1,this.enableRotate=!0,this.rotateSpeed=1,this.keyRotateSpeed=1,this.enablePan=!0,this.panSpeed=1,this.screenSpacePanning=!0,this.keyPanSpeed=7,this.zoomToCursor=!1,this.autoRotate=!1,this.autoRotateSpeed=2,this.keys={LEFT:"ArrowLeft",UP:"ArrowUp",RIGHT:"ArrowRight",BOTTOM:"ArrowDown"},this.mouseButtons={LEFT:Dn.ROTATE,MIDDLE:Dn.DOLLY,RIGHT:Dn.PAN},this.touches={ONE:Ii.ROTATE,TWO:Ii.DOLLY_PAN},this.target0=this.target.clone(),this.position0=this.object.position.clone(),this.zoom0=this.object.zoom,this._cursorStyle="auto",this._domElementKeyEvents=null,this._lastPosition=new P,this._lastQuaternion=new nn,this._lastTargetPosition=new P,this._quat=new nn().setFromUnitVectors(t.up,new P(0,1,0)),this._quatInverse=this._quat.clone().invert(),this._spherical=new Os,this._sphericalDelta=new Os,this._scale=1,this._panOffset=new P,this._rotateStart=new ut,this._rotateEnd=new ut,this._rotateDelta=new ut,this._panStart=new ut,this._panEnd=new ut,this._panDelta=new ut,this._dollyStart=new ut,this._dollyEnd=new ut,this._dollyDelta=new ut,this._dollyDirection=new P,this._mouse=new ut,this._performCursorZoom=!1,this._pointers=[],this._pointerPositions={},this._controlActive=!1,this._onPointerMove=Lv.bind(this),this._onPointerDown=Iv.bind(this),this._onPointerUp=Dv.bind(this),this._onContextMenu=zv.bind(this),this._onMouseWheel=Fv.bind(this),this._onKeyDown=Ov.bind(this),this._onTouchStart=Bv.bind(this),this._onTouchMove=kv.bind(this),this._onMouseDown=Nv.bind(this),this._onMouseMove=Uv.bind(this),this._interceptControlDown=Vv.bind(this),this._interceptControlUp=Hv.bind(this),this.domElement!==null&&this.connect(this.domElement),this.update()}set cursorStyle(t){this._cursorStyle=t,t==="grab"?this.domElement.style.cursor="grab":this.domElement.style.cursor="auto"}get cursorStyle(){return this._cursorStyle}connect(t){super.connect(t),this.domElement.addEventListener("pointerdown",this._onPointerDown),this.domElement.addEventListener("pointercancel",this._onPointerUp),this.domElement.addEventListener("contextmenu",this._onContextMenu),this.domElement.addEventListener("wheel",this._onMouseWheel,{passive:!1}),this.domElement.ownerDocument.addEventListener("keydown",this._interceptControlDown,{passive:!0,capture:!0}),this.domElement.style.touchAction="none"}disconnect(){this.state=oe.NONE,this.domElement.removeEventListener("pointerdown",this._onPointerDown),this.domElement.ownerDocument.removeEventListener("pointermove",this._onPointerMove),this.domElement.ownerDocument.removeEventListener("pointerup",this._onPointerUp),this.domElement.removeEventListener("pointercancel",this._onPointerUp),this.domElement.removeEventListener("wheel",this._onMouseWheel),this.domElement.removeEventListener("contextmenu",this._onContextMenu),this.stopListenToKeyEvents(),this.domElement.ownerDocument.removeEventListener("keydown",this._interceptControlDown,{capture:!0}),this.domElement.ownerDocument.removeEventListener("keyup",this._interceptControlUp,{capture:!0}),this._controlActive=!1,this._pointers.length=0,this._pointerPositions={},this.domElement.style.touchAction="",this.domElement.style.cursor="auto"}dispose(){this.disconnect()}getPolarAngle(){return this._spherical.phi}getAzimuthalAngle(){return this._spherical.theta}getDistance(){return this.object.position.distanceTo(this.target)}listenToKeyEvents(t){t.addEventListener("keydown",this._onKeyDown),this._domElementKeyEvents=t}stopListenToKeyEvents(){this._domElementKeyEvents!==null&&(this._domElementKeyEvents.removeEventListener("keydown",this._onKeyDown),this._domElementKeyEvents=null)}saveState(){this.target0.copy(this.target),this.position0.copy(this.object.position),this.zoom0=this.object.zoom}reset(){this.target.copy(this.target0),this.object.position.copy(this.position0),this.object.zoom=this.zoom0,this.object.updateProjectionMatrix(),this.dispatchEvent(Yf),this.update(),this.state=oe.NONE}pan(t,e){this._pan(t,e),this.update()}dollyIn(t){this._dollyIn(t),this.update()}dollyOut(t){this._dollyOut(t),this.update()}rotateLeft(t){this._rotateLeft(t),this.update()}rotateUp(t){this._rotateUp(t),this.update()}update(t=null){let e=this.object.position;Oe.copy(e).sub(this.target),Oe.applyQuaternion(this._quat),this._spherical.setFromVector3(Oe),this.autoRotate&&this.state===oe.NONE&&this._rotateLeft(this._getAutoRotationAngle(t)),this.enableDamping?(this._spherical.theta+=this._sphericalDelta.theta*this.dampingFactor,this._spherical.phi+=this._sphericalDelta.phi*this.dampingFactor):(this._spherical.theta+=this._sphericalDelta.theta,this._spherical.phi+=this._sphericalDelta.phi);let i=this.minAzimuthAngle,n=this.maxAzimuthAngle;isFinite(i)&&isFinite(n)&&(i<-Math.PI?i+=xn:i>Math.PI&&(i-=xn),n<-Math.PI?n+=xn:n>Math.PI&&(n-=xn),i<=n?this._spherical.theta=Math.max(i,Math.min(n,this._spherical.theta)):this._spherical.theta=this._spherical.theta>(i+n)/2?Math.max(i,this._spherical.theta):Math.min(n,this._spherical.theta)),this._spherical.phi=Math.max(this.minPolarAngle,Math.min(this.maxPolarAngle,this._spherical.phi)),this._spherical.makeSafe(),this.enableDamping===!0?this.target.addScaledVector(this._panOffset,this.dampingFactor):this.target.add(this._panOffset),this.target.sub(this.cursor),this.target.clampLength(this.minTargetRadius,this.maxTargetRadius),this.target.add(this.cursor);let r=!1;if(this.zoomToCursor&&this._performCursorZoom||this.object.isOrthographicCamera)this._spherical.radius=this._clampDistance(this._spherical.radius);else{let o=this._spherical.radius;this._spherical.radius=this._clampDistance(this._spherical.radius*this._scale),r=o!=this._spherical.radius}if(Oe.setFromSpherical(this._spherical),Oe.applyQuaternion(this._quatInverse),e.copy(this.target).add(Oe),this.object.lookAt(this.target),this.enableDamping===!0?(this._sphericalDelta.theta*=1-this.dampingFactor,this._sphericalDelta.phi*=1-this.dampingFactor,this._panOffset.multiplyScalar(1-this.dampingFactor)):(this._sphericalDelta.set(0,0,0),this._panOffset.set(0,0,0)),this.zoomToCursor&&this._performCursorZoom){let o=null;if(this.object.isPerspectiveCamera){let a=Oe.length();o=this._clampDistance(a*this._scale);let l=a-o;this.object.position.addScaledVector(this._dollyDirection,l),this.object.updateMatrixWorld(),r=!!l}else if(this.object.isOrthographicCamera){let a=new P(this._mouse.x,this._mouse.y,0);a.unproject(this.object);let l=this.object.zoom;this.object.zoom=Math.max(this.minZoom,Math.min(this.maxZoom,this.object.zoom/this._scale)),this.object.updateProjectionMatrix(),r=l!==this.object.zoom;let c=new P(this._mouse.x,this._mouse.y,0);c.unproject(this.object),this.object.position.sub(c).add(a),this.object.updateMatrixWorld(),o=Oe.length()}else console.warn("WARNING: OrbitControls.js encountered an unknown camera type - zoom to cursor disabled."),this.zoomToCursor=!1;o!==null&&(this.screenSpacePanning?this.target.set(0,0,-1).transformDirection(this.object.matrix).multiplyScalar(o).add(this.object.position):(Al.origin.copy(this.object.position),Al.direction.set(0,0,-1).transformDirection(this.object.matrix),Math.abs(this.object.up.dot(Al.direction))<Pv?this.object.lookAt(this.target):($f.setFromNormalAndCoplanarPoint(this.object.up,this.target),Al.intersectPlane($f,this.target))))}else if(this.object.isOrthographicCamera){let o=this.object.zoom;this.object.zoom=Math.max(this.minZoom,Math.min(this.maxZoom,this.object.zoom/this._scale)),o!==this.object.zoom&&(this.object.updateProjectionMatrix(),r=!0)}return this._scale=1,this._performCursorZoom=!1,r||this._lastPosition.distanceToSquared(this.object.position)>Hh||8*(1-this._lastQuaternion.dot(this.object.quaternion))>Hh||this._lastTargetPosition.distanceToSquared(this.target)>Hh?(this.dispatchEvent(Yf),this._lastPosition.copy(this.object.position),this._lastQuaternion.copy(this.object.quaternion),this._lastTargetPosition.copy(this.target),!0):!1}_getAutoRotationAngle(t){return t!==null?xn/60*this.autoRotateSpeed*t:xn/60/60*this.autoRotateSpeed}_getZoomScale(t){let e=Math.abs(t*.01);return Math.pow(.95,this.zoomSpeed*e)}_rotateLeft(t){this._sphericalDelta.theta-=t}_rotateUp(t){this._sphericalDelta.phi-=t}_panLeft(t,e){Oe.setFromMatrixColumn(e,0),Oe.multiplyScalar(-t),this._panOffset.add(Oe)}_panUp(t,e){this.screenSpacePanning===!0?Oe.setFromMatrixColumn(e,1):(Oe.setFromMatrixColumn(e,0),Oe.crossVectors(this.object.up,Oe)),Oe.multiplyScalar(t),this._panOffset.add(Oe)}_pan(t,e){let i=this.domElement;if(this.object.isPerspectiveCamera){let n=this.object.position;Oe.copy(n).sub(this.target);let r=Oe.length();r*=Math.tan(this.object.fov/2*Math.PI/180),this._panLeft(2*t*r/i.clientHeight,this.object.matrix),this._panUp(2*e*r/i.clientHeight,this.object.matrix)}else this.object.isOrthographicCamera?(this._panLeft(t*(this.object.right-this.object.left)/this.object.zoom/i.clientWidth,this.object.matrix),this._panUp(e*(this.object.top-this.object.bottom)/this.object.zoom/i.clientHeight,this.object.matrix)):(console.warn("WARNING: OrbitControls.js encountered an unknown camera type - pan disabled."),this.enablePan=!1)}_dollyOut(t){this.object.isPerspectiveCamera||this.object.isOrthographicCamera?this._scale/=t:(console.warn("WARNING: OrbitControls.js encountered an unknown camera type - dolly/zoom disabled."),this.enableZoom=!1)}_dollyIn(t){this.object.isPerspectiveCamera||this.object.isOrthographicCamera?this._scale*=t:(console.warn("WARNING: OrbitControls.js encountered an unknown camera type - dolly/zoom disabled."),this.enableZoom=!1)}_updateZoomParameters(t,e){if(!this.zoomToCursor)return;this._performCursorZoom=!0;let i=this.domElement.getBoundingClientRect(),n=t-i.left,r=e-i.top,o=i.width,a=i.height;this._mouse.x=n/o*2-1,this._mouse.y=-(r/a)*2+1,this._dollyDirection.set(this._mouse.x,this._mouse.y,1).unproject(this.object).sub(this.object.position).normalize()}_clampDistance(t){return Math.max(this.minDistance,Math.min(this.maxDistance,t))}_handleMouseDownRotate(t){this._rotateStart.set(t.clientX,t.clientY)}_handleMouseDownDolly(t){this._updateZoomParameters(t.clientX,t.clientY),this._dollyStart.set(t.clientX,t.clientY)}_handleMouseDownPan(t){this._panStart.set(t.clientX,t.clientY)}_handleMouseMoveRotate(t){this._rotateEnd.set(t.clientX,t.clientY),this._rotateDelta.subVectors(this._rotateEnd,this._rotateStart).multiplyScalar(this.rotateSpeed);let e=this.domElement;this._rotateLeft(xn*this._rotateDelta.x/e.clientHeight),this._rotateUp(xn*this._rotateDelta.y/e.clientHeight),this._rotateStart.copy(this._rotateEnd),this.update()}_handleMouseMoveDolly(t){this._dollyEnd.set(t.clientX,t.clientY),this._dollyDelta.subVectors(this._dollyEnd,this._dollyStart),this._dollyDelta.y>0?this._dollyOut(this._getZoomScale(this._dollyDelta.y)):this._dollyDelta.y<0&&this._dollyIn(this._getZoomScale(this._dollyDelta.y)),this._dollyStart.copy(this._dollyEnd),this.zoomToCursor&&(this._performCursorZoom=!0,this._dollyDirection.set(this._mouse.x,this._mouse.y,1).unproject(this.object).sub(this.object.position).normalize()),this.update()}_handleMouseMovePan(t){this._panEnd.set(t.clientX,t.clientY),this._panDelta.subVectors(this._panEnd,this._panStart).multiplyScalar(this.panSpeed),this._pan(this._panDelta.x,this._panDelta.y),this._panStart.copy(this._panEnd),this.update()}_handleMouseWheel(t){this._updateZoomParameters(t.clientX,t.clientY),t.deltaY<0?this._dollyIn(this._getZoomScale(t.deltaY)):t.deltaY>0&&this._dollyOut(this._getZoomScale(t.deltaY)),this.update()}_handleKeyDown(t){let e=!1;switch(t.code){case this.keys.UP:t.ctrlKey||t.metaKey||t.shiftKey?this.enableRotate&&this._rotateUp(xn*this.keyRotateSpeed/this.domElement.clientHeight):this.enablePan&&this._pan(0,this.keyPanSpeed),e=!0;break;case this.keys.BOTTOM:t.ctrlKey||t.metaKey||t.shiftKey?this.enableRotate&&this._rotateUp(-xn*this.keyRotateSpeed/this.domElement.clientHeight):this.enablePan&&this._pan(0,-this.keyPanSpeed),e=!0;break;case this.keys.LEFT:t.ctrlKey||t.metaKey||t.shiftKey?this.enableRotate&&this._rotateLeft(xn*this.keyRotateSpeed/this.domElement.clientHeight):this.enablePan&&this._pan(this.keyPanSpeed,0),e=!0;break;case this.keys.RIGHT:t.ctrlKey||t.metaKey||t.shiftKey?this.enableRotate&&this._rotateLeft(-xn*this.keyRotateSpeed/this.domElement.clientHeight):this.enablePan&&this._pan(-this.keyPanSpeed,0),e=!0;break}e&&(t.preventDefault(),this.update())}_handleTouchStartRotate(t){if(this._pointers.length===1)this._rotateStart.set(t.pageX,t.pageY);else{let e=this._getSecondPointerPosition(t),i=.5*(t.pageX+e.x),n=.5*(t.pageY+e.y);this._rotateStart.set(i,n)}}_handleTouchStartPan(t){if(this._pointers.length===1)this._panStart.set(t.pageX,t.pageY);else{let e=this._getSecondPointerPosition(t),i=.5*(t.pageX+e.x),n=.5*(t.pageY+e.y);this._panStart.set(i,n)}}_handleTouchStartDolly(t){let e=this._getSecondPointerPosition(t),i=t.pageX-e.x,n=t.pageY-e.y,r=Math.sqrt(i*i+n*n);this._dollyStart.set(0,r)}_handleTouchStartDollyPan(t){this.enableZoom&&this._handleTouchStartDolly(t),this.enablePan&&this._handleTouchStartPan(t)}_handleTouchStartDollyRotate(t){this.enableZoom&&this._handleTouchStartDolly(t),this.enableRotate&&this._handleTouchStartRotate(t)}_handleTouchMoveRotate(t){if(this._pointers.length==1)this._rotateEnd.set(t.pageX,t.pageY);else{let i=this._getSecondPointerPosition(t),n=.5*(t.pageX+i.x),r=.5*(t.pageY+i.y);this._rotateEnd.set(n,r)}this._rotateDelta.subVectors(this._rotateEnd,this._rotateStart).multiplyScalar(this.rotateSpeed);let e=this.domElement;this._rotateLeft(xn*this._rotateDelta.x/e.clientHeight),this._rotateUp(xn*this._rotateDelta.y/e.clientHeight),this._rotateStart.copy(this._rotateEnd)}_handleTouchMovePan(t){if(this._pointers.length===1)this._panEnd.set(t.pageX,t.pageY);else{let e=this._getSecondPointerPosition(t),i=.5*(t.pageX+e.x),n=.5*(t.pageY+e.y);this._panEnd.set(i,n)}this._panDelta.subVectors(this._panEnd,this._panStart).multiplyScalar(this.panSpeed),this._pan(this._panDelta.x,this._panDelta.y),this._panStart.copy(this._panEnd)}_handleTouchMoveDolly(t){let e=this._getSecondPointerPosition(t),i=t.pageX-e.x,n=t.pageY-e.y,r=Math.sqrt(i*i+n*n);this._dollyEnd.set(0,r),this._dollyDelta.set(0,Math.pow(this._dollyEnd.y/this._dollyStart.y,this.zoomSpeed)),this._dollyOut(this._dollyDelta.y),this._dollyStart.copy(this._dollyEnd);let o=(t.pageX+e.x)*.5,a=(t.pageY+e.y)*.5;this._updateZoomParameters(o,a)}_handleTouchMoveDollyPan(t){this.enableZoom&&this._handleTouchMoveDolly(t),this.enablePan&&this._handleTouchMovePan(t)}_handleTouchMoveDollyRotate(t){this.enableZoom&&this._handleTouchMoveDolly(t),this.enableRotate&&this._handleTouchMoveRotate(t)}_addPointer(t){this._pointers.push(t.pointerId)}_removePointer(t){delete this._pointerPositions[t.pointerId];for(let e=0;e<this._pointers.length;e++)if(this._pointers[e]==t.pointerId){this._pointers.splice(e,1);return}}_isTrackingPointer(t){for(let e=0;e<this._pointers.length;e++)if(this._pointers[e]==t.pointerId)return!0;return!1}_trackPointer(t){let e=this._pointerPositions[t.pointerId];e===void 0&&(e=new ut,this._pointerPositions[t.pointerId]=e),e.set(t.pageX,t.pageY)}_getSecondPointerPosition(t){let e=t.pointerId===this._pointers[0]?this._pointers[1]:this._pointers[0];return this._pointerPositions[e]}_customWheelEvent(t){let e=t.deltaMode,i={clientX:t.clientX,clientY:t.clientY,deltaY:t.deltaY};switch(e){case 1:i.deltaY*=16;break;case 2:i.deltaY*=100;break}return t.ctrlKey&&!this._controlActive&&(i.deltaY*=10),i}};function Iv(s){this.enabled!==!1&&(this._pointers.length===0&&(this.domElement.setPointerCapture(s.pointerId),this.domElement.ownerDocument.addEventListener("pointermove",this._onPointerMove),this.domElement.ownerDocument.addEventListener("pointerup",this._onPointerUp)),!this._isTrackingPointer(s)&&(this._addPointer(s),s.pointerType==="touch"?this._onTouchStart(s):this._onMouseDown(s),this._cursorStyle==="grab"&&(this.domElement.style.cursor="grabbing")))}function Lv(s){this.enabled!==!1&&(s.pointerType==="touch"?this._onTouchMove(s):this._onMouseMove(s))}function Dv(s){switch(this._removePointer(s),this._pointers.length){case 0:this.domElement.releasePointerCapture(s.pointerId),this.domElement.ownerDocument.removeEventListener("pointermove",this._onPointerMove),this.domElement.ownerDocument.removeEventListener("pointerup",this._onPointerUp),this.dispatchEvent(Zf),this.state=oe.NONE,this._cursorStyle==="grab"&&(this.domElement.style.cursor="grab");break;case 1:let t=this._pointers[0],e=this._pointerPositions[t];this._onTouchStart({pointerId:t,pageX:e.x,pageY:e.y});break}}function Nv(s){let t;switch(s.button){case 0:t=this.mouseButtons.LEFT;break;case 1:t=this.mouseButtons.MIDDLE;break;case 2:t=this.mouseButtons.RIGHT;break;default:t=-1}switch(t){case Dn.DOLLY:if(this.enableZoom===!1)return;this._handleMouseDownDolly(s),this.state=oe.DOLLY;break;case Dn.ROTATE:if(s.ctrlKey||s.metaKey||s.shiftKey){if(this.enablePan===!1)return;this._handleMouseDownPan(s),this.state=oe.PAN}else{if(this.enableRotate===!1)return;this._handleMouseDownRotate(s),this.state=oe.ROTATE}break;case Dn.PAN:if(s.ctrlKey||s.metaKey||s.shiftKey){if(this.enableRotate===!1)return;this._handleMouseDownRotate(s),this.state=oe.ROTATE}else{if(this.enablePan===!1)return;this._handleMouseDownPan(s),this.state=oe.PAN}break;default:this.state=oe.NONE}this.state!==oe.NONE&&this.dispatchEvent(Gh)}function Uv(s){switch(this.state){case oe.ROTATE:if(this.enableRotate===!1)return;this._handleMouseMoveRotate(s);break;case oe.DOLLY:if(this.enableZoom===!1)return;this._handleMouseMoveDolly(s);break;case oe.PAN:if(this.enablePan===!1)return;this._handleMouseMovePan(s);break}}function Fv(s){this.enabled===!1||this.enableZoom===!1||this.state!==oe.NONE||(s.preventDefault(),this.dispatchEvent(Gh),this._handleMouseWheel(this._customWheelEvent(s)),this.dispatchEvent(Zf))}function Ov(s){this.enabled!==!1&&this._handleKeyDown(s)}function Bv(s){switch(this._trackPointer(s),this._pointers.length){case 1:switch(this.touches.ONE){case Ii.ROTATE:if(this.enableRotate===!1){this.state=oe.NONE;break}this._handleTouchStartRotate(s),this.state=oe.TOUCH_ROTATE;break;case Ii.PAN:if(this.enablePan===!1){this.state=oe.NONE;break}this._handleTouchStartPan(s),this.state=oe.TOUCH_PAN;break;default:this.state=oe.NONE}break;case 2:switch(this.touches.TWO){case Ii.DOLLY_PAN:if(this.enableZoom===!1&&this.enablePan===!1)return;this._handleTouchStartDollyPan(s),this.state=oe.TOUCH_DOLLY_PAN;break;case Ii.DOLLY_ROTATE:if(this.enableZoom===!1&&this.enableRotate===!1)return;this._handleTouchStartDollyRotate(s),this.state=oe.TOUCH_DOLLY_ROTATE;break;default:this.state=oe.NONE}break;default:this.state=oe.NONE}this.state!==oe.NONE&&this.dispatchEvent(Gh)}function kv(s){switch(this._trackPointer(s),this.state){case oe.TOUCH_ROTATE:if(this.enableRotate===!1)return;this._handleTouchMoveRotate(s),this.update();break;case oe.TOUCH_PAN:if(this.enablePan===!1)return;this._handleTouchMovePan(s),this.update();break;case oe.TOUCH_DOLLY_PAN:if(this.enableZoom===!1&&this.enablePan===!1)return;this._handleTouchMoveDollyPan(s),this.update();break;case oe.TOUCH_DOLLY_ROTATE:if(this.enableZoom===!1&&this.enableRotate===!1)return;this._handleTouchMoveDollyRotate(s),this.update();break;default:this.state=oe.NONE}}function zv(s){this.enabled!==!1&&s.preventDefault()}function Vv(s){s.key==="Control"&&(this._controlActive=!0,this.domElement.ownerDocument.addEventListener("keyup",this._interceptControlUp,{passive:!0,capture:!0}))}function Hv(s){s.key==="Control"&&(this._controlActive=!1,this.domElement.ownerDocument.removeEventListener("keyup",this._interceptControlUp,{passive:!0,capture:!0}))}yu();Su();Ee.prototype.raycast=lm;var lr=s=>getComputedStyle(document.documentElement).getPropertyValue(s).trim(),bu={planned:"--slate",loose:"--ochre",shaky:"--ochre",idle:"--hatch",put:"--slate",on:"--slate",odds:"--madder",hover:"--verdigris"},Sm=matchMedia("(prefers-reduced-motion: reduce)"),xo=class{constructor(t,e){this.view=t,this.labelBox=e,this.comps=new Map,this.hidden=new Set,this.labels=[],this.showFreedoms=!0,this.gl=new wl({antialias:!0,alpha:!0,powerPreference:"low-power"}),this.gl.setPixelRatio(Math.min(devicePixelRatio||1,2)),t.append(this.gl.domElement),this.scene=new Er,this.camera=new cn(28,1,1,1e5),this.camera.up.set(0,0,1),this.root=new hn,this.marks=new hn,this.hover=new hn,this.picked=new hn,this.scene.add(this.root,this.marks,this.hover,this.picked),this.scene.add(new zr(16777215,13221806,1.9),new Wr(16777215,.25));let i=new Gr(16777215,1.3);i.position.set(2,-3,5),this.scene.add(i),this.controls=new Cl(this.camera,this.gl.domElement),this.controls.mouseButtons={LEFT:Dn.ROTATE,MIDDLE:Dn.PAN,RIGHT:Dn.PAN},this.controls.enableDamping=!1,this.controls.zoomToCursor=!0,this.controls.addEventListener("change",()=>this.draw()),this.ray=new qr,new ResizeObserver(()=>this.resize()).observe(t),addEventListener("themechange",()=>{this.recolor(),this.freedoms(this.motions||[]),this.draw()}),this.resize()}resize(){let t=Math.max(this.view.clientWidth,1),e=Math.max(this.view.clientHeight,1);this.gl.setSize(t,e),this.camera.aspect=t/e,this.camera.updateProjectionMatrix(),this.draw()}draw(){this.asked||(this.asked=!0,requestAnimationFrame(()=>{this.asked=!1,this.fitDepth(),this.gl.render(this.scene,this.camera),this.placeLabels()}))}fitDepth(){let t=this.extent();if(!t)return;let e=this.camera.position.distanceTo(t.center);this.camera.near=Math.max(e-t.radius*2.5,e/2e3,.001),this.camera.far=e+t.radius*4,this.camera.updateProjectionMatrix()}async show(t,e){let i=new Map(t.components.filter(o=>!o.suppressed).map(o=>[o.name,o])),n=await Promise.all([...i.values()].map(async o=>[o,await Promise.all(o.shapes.map(a=>vu(a.sha)))]));for(let[o,a]of this.comps)i.has(o)||(this.root.remove(a.group),this.comps.delete(o));let r=0;for(let[o,a]of n){let l=this.comps.get(o.name),c=o.shapes.map(h=>h.sha+h.path).join();l&&l.key!==c&&(this.root.remove(l.group),this.comps.delete(o.name),l=null),l||(l=this.build(o,a,c),this.comps.set(o.name,l),this.root.add(l.group),bm(l.group,o.pose),r++),l.data=o,o.shapes.forEach((h,u)=>bm(l.shapes[u].holder,h.pose)),l.group.visible=!this.hidden.has(o.name)}this.motions=t.motions,this.goTo(Object.fromEntries([...i.values()].map(o=>[o.name,o.pose]))),!e&&r&&this.home(),this.draw()}build(t,e,i){let n=new hn,r={group:n,data:t,key:i,shapes:[]};return t.shapes.forEach((o,a)=>{let l=new hn,c=e[a],h=new Ee(c.geometry,new Br({polygonOffset:!0,polygonOffsetFactor:1,polygonOffsetUnits:1,side:fn,transparent:!1}));h.material.color=new qt().setRGB(o.tint[0]/255,o.tint[1]/255,o.tint[2]/255,ln);let u=new Ei(c.edges,new Ji({color:lr("--ink"),transparent:!0,opacity:.75}));h.userData={k:r,i:a},l.add(h,u),n.add(l),r.shapes.push({holder:l,mesh:h,lines:u,d:c,path:o.path,tint:h.material.color.clone()})}),r}recolor(){for(let t of this.comps.values())for(let e of t.shapes)e.lines.material.color.set(lr("--ink"))}goTo(t,e){cancelAnimationFrame(this.gliding);let i=new Map,n=new Map;for(let[l,c]of Object.entries(t)){let h=this.comps.get(l);if(!h)continue;let u=new P(...c.origin),d=new nn(c.quaternion[1],c.quaternion[2],c.quaternion[3],c.quaternion[0]);h.group.position.distanceTo(u)<1e-9&&Math.abs(h.group.quaternion.dot(d))>1-1e-12||(i.set(h,[h.group.position.clone(),h.group.quaternion.clone()]),n.set(h,[u,d]))}if(!n.size){this.freedoms(this.motions||[]),e?.();return}let r=performance.now(),o=Sm.matches?0:260,a=l=>{let c=o?Math.min(1,(l-r)/o):1,h=c*c*(3-2*c);for(let[u,[d,f]]of n){let[m,y]=i.get(u);u.group.position.lerpVectors(m,d,h),u.group.quaternion.slerpQuaternions(y,f,h)}c<1?this.gliding=requestAnimationFrame(a):(this.freedoms(this.motions||[]),e?.()),this.refreshPicked(),this.draw()};a(r)}swing(t,e){cancelAnimationFrame(this.gliding);let i=(e.length-1)/2,n=performance.now(),r=Sm.matches?0:2200;return this.clearLabels("motion"),new Promise(o=>{let a=l=>{let c=r?Math.min(1,(l-n)/r):1,h=Math.max(0,Math.min(e.length-1,i+i*Math.sin(c*2*Math.PI)*(1-.12*c))),u=Math.min(Math.floor(h),e.length-1),d=Math.min(u+1,e.length-1),f=h-u;t.forEach((m,y)=>{let p=this.comps.get(m);if(!p||!e[u][y])return;let g=e[u][y],x=e[d][y];p.group.position.set(...g.origin).lerp(new P(...x.origin),f),p.group.quaternion.copy(Mu(g)).slerp(Mu(x),f)}),this.draw(),c<1?this.gliding=requestAnimationFrame(a):o()};this.gliding=requestAnimationFrame(a)})}boxOf(t,e=""){let i=new re;t.group.updateMatrixWorld(!0);for(let n of t.shapes){if(!n.path.startsWith(e))continue;let r=n.d.geometry;r.boundingBox||r.computeBoundingBox(),i.union(r.boundingBox.clone().applyMatrix4(n.holder.matrixWorld))}return i}extent(){let t=new re;for(let e of this.comps.values())e.group.visible&&t.union(this.boxOf(e));return t.isEmpty()?null:t.getBoundingSphere(new Xe)}corners(){let t=[];for(let e of this.comps.values())if(e.group.visible)for(let i of e.shapes){let n=i.d.geometry.boundingBox;if(n)for(let r=0;r<8;r++)t.push(new P(r&1?n.max.x:n.min.x,r&2?n.max.y:n.min.y,r&4?n.max.z:n.min.z).applyMatrix4(i.holder.matrixWorld))}return t}home(){let t=this.extent();if(!t)return;let e=new P(.62,-.72,.46).normalize(),i=t.radius/Math.sin(this.camera.fov*Math.PI/360)/Math.min(1,this.camera.aspect);this.controls.target.copy(t.center);for(let n=0;n<6;n++){this.camera.position.copy(t.center).addScaledVector(e,i),this.camera.lookAt(t.center),this.camera.updateMatrixWorld(!0);let r=0;for(let o of this.corners()){let a=o.project(this.camera);r=Math.max(r,Math.abs(a.x)/.84,Math.abs(a.y)/.72)}r>0&&(i*=1+(r-1)*.8)}this.camera.position.copy(t.center).addScaledVector(e,i),this.controls.update(),this.draw()}turn(t,e){let i=this.camera.position.clone().sub(this.controls.target);i.applyAxisAngle(new P(0,0,1),t);let n=new P().crossVectors(this.camera.up,i).normalize(),r=i.clone().applyAxisAngle(n,e);Math.abs(r.clone().normalize().z)<.995&&i.copy(r),this.camera.position.copy(this.controls.target).add(i),this.controls.update(),this.draw()}nearer(t){let e=this.camera.position.clone().sub(this.controls.target).multiplyScalar(t);this.camera.position.copy(this.controls.target).add(e),this.controls.update(),this.draw()}setHidden(t){this.hidden=t;for(let[e,i]of this.comps)i.group.visible=!t.has(e);this.freedoms(this.motions||[]),this.draw()}light(t){let e=t&&new Set(t);for(let[i,n]of this.comps)for(let r of n.shapes){let o=e&&!e.has(i);r.mesh.material.transparent=o,r.mesh.material.opacity=o?.18:1,r.mesh.material.depthWrite=!o,r.lines.material.opacity=o?.15:.75,r.mesh.material.needsUpdate=!0}this.draw()}project(t){let e=t.clone().project(this.camera);return new ut((e.x+1)/2*this.view.clientWidth,(1-e.y)/2*this.view.clientHeight)}candidates(t,e,i){let n=this.view.clientWidth,r=this.view.clientHeight;this.ray.setFromCamera(new ut(t/n*2-1,1-e/r*2),this.camera);let o=[];for(let y of this.comps.values())if(y.group.visible)for(let p of y.shapes)o.push(p.mesh);let a=this.ray.intersectObjects(o,!1),l=[],c=new Set,h=(y,p,g,x)=>{let S=gS(y,p,g);c.has(S)||!wu(i,g)||(c.add(S),l.push({k:y,s:p,f:g,ref:S,score:x}))},u=a.length?a[0].distance:1/0,d=new ut(t,e),f=9,m=new kt;for(let y of this.comps.values())if(y.group.visible)for(let p of y.shapes){let g=p.d.geometry;if(!g.boundingSphere||!isFinite(g.boundingSphere.radius))continue;let x=g.boundingSphere.center.clone().applyMatrix4(p.holder.matrixWorld);if(this.ray.ray.distanceToPoint(x)>g.boundingSphere.radius*1.05+this.pixel(x)*f)continue;m.multiplyMatrices(this.camera.projectionMatrix,this.camera.matrixWorldInverse).multiply(p.holder.matrixWorld);let S=(v,M)=>this.camera.position.distanceTo(v)<=u*(1+.001)+M;for(let[v,M]of p.d.byEdge){let[w,_]=p.d.lineRange(v),b=1/0,C=null,A=null,I=null;for(let F=w;F<_;F++){let L=new P(p.d.lines[3*F],p.d.lines[3*F+1],p.d.lines[3*F+2]),k=L.clone().applyMatrix4(m),z=new ut((k.x+1)/2*n,(1-k.y)/2*r);if(A){let[G,it]=_S(d,A,z);G<b&&(b=G,C=I.clone().lerp(L,it))}A=z,I=L}if(b>f)continue;C.applyMatrix4(p.holder.matrixWorld);let R=S(C,g.boundingSphere.radius*.02+this.pixel(C)*3);h(y,p,M,R?b<5?-10+b:2+b:300+b)}for(let v of p.d.points){let M=v.at.clone().applyMatrix4(p.holder.matrixWorld),w=this.project(M).distanceTo(d);w<f&&h(y,p,v,S(M,this.pixel(M)*3)?w<5?-20+w:20+w:400+w)}}return a.forEach((y,p)=>{let{k:g,i:x}=y.object.userData,S=g.shapes[x],v=S.d.byFace.get(S.d.faceOf(y.faceIndex));v&&h(g,S,v,p===0?0:50+p)}),l.sort((y,p)=>y.score-p.score),l.slice(0,24)}partAt(t,e){this.ray.setFromCamera(new ut(t/this.view.clientWidth*2-1,1-e/this.view.clientHeight*2),this.camera);let i=[];for(let h of this.comps.values())if(h.group.visible)for(let u of h.shapes)i.push(u.mesh);let n=this.ray.intersectObjects(i,!1)[0];if(!n)return null;let{k:r,i:o}=n.object.userData,a=r.shapes[o],l=a.path.replace(/\/$/,""),c=r.data.base===void 0?r.data.name:`${r.data.name}/${l}`;return{k:r,at:n.point,name:c,frame:r.data.base===void 0?r.group:a.holder}}part(t){let[e,...i]=t.split("/"),n=this.comps.get(t)||this.comps.get(e);if(!n||!n.group.visible)return null;let r=!i.length||i.join("/")===n.data.base?"":i.join("/")+"/",o=n.shapes.find(a=>a.path.startsWith(r));return o?{frame:r?o.holder:n.group,middle:this.boxOf(n,r).getCenter(new P)}:null}beside(t,e,i){let n=new P,r=new P;this.camera.matrixWorld.extractBasis(n,r,new P);let o=this.pixel(t);return t.clone().addScaledVector(n,e*o).addScaledVector(r,i*o)}across(t,e,i){this.ray.setFromCamera(new ut(t/this.view.clientWidth*2-1,1-e/this.view.clientHeight*2),this.camera);let n=this.camera.getWorldDirection(new P),r=this.ray.ray.direction;return this.ray.ray.origin.clone().addScaledVector(r,i.clone().sub(this.ray.ray.origin).dot(n)/r.dot(n))}put(t,e,i){cancelAnimationFrame(this.gliding),rc(this.marks),this.clearLabels("motion");let n=(l,c)=>{l.position.set(c[0],c[1],c[2]),l.quaternion.set(c[4],c[5],c[6],c[3])},r=[];t.forEach((l,c)=>{let h=e.subarray(7*c,7*c+7),[u,...d]=l.split("/"),f=this.comps.get(l)||this.comps.get(u);f&&(!d.length||d.join("/")===f.data.base?(n(f.group,h),f.group.updateMatrixWorld(!0)):r.push([f,d.join("/")+"/",h]))});let o=new hn,a=new kt;for(let[l,c,h]of r)for(let u of l.shapes)u.path===c&&(n(o,h),o.updateMatrix(),a.copy(l.group.matrixWorld).invert().multiply(o.matrix).decompose(u.holder.position,u.holder.quaternion,u.holder.scale),u.holder.updateMatrixWorld(!0));if(i){let l=new In(new Te().setFromPoints(i),new ji({color:lr("--slate"),dashSize:this.pixel(i[0])*6,gapSize:this.pixel(i[0])*4,depthTest:!1,transparent:!0}));l.computeLineDistances(),l.renderOrder=8,this.marks.add(l)}this.refreshPicked(),this.draw()}pixel(t){return 2*this.camera.position.distanceTo(t)*Math.tan(this.camera.fov*Math.PI/360)/this.view.clientHeight}find(t){let e=t.split("/"),i=e.pop();if(e[0]==="@")return{k:null,s:null,f:{n:i,k:{xy:"plane",yz:"plane",zx:"plane",origin:"frame"}[i]||"axis",label:i,at:new P},ref:t};let n=this.comps.get(e[0]);if(!n)return null;let r=e.slice(1).map(l=>l+"/").join(""),o=n.shapes.find(l=>l.path===r);if(!o)return null;let a=o.d.byName.get(i);return a?{k:n,s:o,f:a,ref:t}:null}spot(t){let e=t.f.at.clone();if(t.f.edge>=0){let[i,n]=t.s.d.lineRange(t.f.edge),r=i+Math.floor((n-i)*.6);r<n&&e.set(t.s.d.lines[3*r],t.s.d.lines[3*r+1],t.s.d.lines[3*r+2])}return e.applyMatrix4(t.s.holder.matrixWorld)}outline(t,e,i){if(!t||!t.s)return;let{s:n,f:r}=t;n.holder.updateWorldMatrix(!0,!0);let o=a=>{a.matrixAutoUpdate=!1,a.matrix.copy(n.holder.matrixWorld),a.renderOrder=5,i.add(a)};if(r.face>=0){let[a,l]=n.d.faceRange(r.face),c=new Te;c.setAttribute("position",n.d.geometry.getAttribute("position")),c.setIndex(new we(n.d.indices.slice(a,l),1)),o(new Ee(c,new ui({color:e,transparent:!0,opacity:.5,side:fn,depthWrite:!1,polygonOffset:!0,polygonOffsetFactor:-1,polygonOffsetUnits:-2})))}if(r.edge>=0){let[a,l]=n.d.lineRange(r.edge),c=[];for(let h=a;h<l;h++)c.push(new P(n.d.lines[3*h],n.d.lines[3*h+1],n.d.lines[3*h+2]));if(c.length>1){let h=this.pixel(r.at.clone().applyMatrix4(n.holder.matrixWorld))*1.6;o(new Ee(new Ns(new Ki(c,!1,"centripetal"),Math.max(8,c.length*2),h,5),new ui({color:e,depthTest:!1,transparent:!0})))}}if(r.dir&&r.k!=="plane"&&!(r.edge>=0&&r.k==="axis")){let a=r.ends?new P(...r.ends[0]).distanceTo(new P(...r.ends[1]))*.75+(r.r||1):(r.r||5)*2.2,l=new Te().setFromPoints([r.at.clone().addScaledVector(r.dir,-a),r.at.clone().addScaledVector(r.dir,a)]),c=new In(l,new ji({color:e,dashSize:a/9,gapSize:a/18,depthTest:!1,transparent:!0}));c.computeLineDistances(),o(c)}(r.vertex>=0||r.k==="circle"||r.k==="sphere")&&o(new Ai(new Te().setFromPoints([r.at]),new Ls({color:e,size:8,sizeAttenuation:!1,depthTest:!1,transparent:!0})))}setHover(t){rc(this.hover),t&&this.outline(t,lr(bu.hover),this.hover),this.draw()}setPicked(t){this.pickList=t,this.refreshPicked(),this.draw()}refreshPicked(){rc(this.picked),this.clearLabels("pick");for(let{c:t,role:e}of this.pickList||[])t?.s&&(this.outline(t,lr(bu[e]),this.picked),this.label("pick",e==="put"?"put this":"on this",()=>t.f.at.clone().applyMatrix4(t.s.holder.matrixWorld),e))}freedoms(t){if(rc(this.marks),this.clearLabels("motion"),!this.showFreedoms||this.previewing)return;let e=new Map,i=0;t.forEach((n,r)=>{let o=this.comps.get(n.rides[0])||this.comps.get((n.rides[0]||"").split("/")[0]);if(!o||!o.group.visible||i>40||n.class==="idle"&&t.length>12)return;if(o.data.left===6&&n.rides.length===1){if(!e.has(n.rides[0])){e.set(n.rides[0],1);let p=this.boxOf(o).getCenter(new P);this.label("motion","free",()=>p,n.class,r)}return}i++;let a=this.boxOf(o,this.comps.has(n.rides[0])?"":n.rides[0].slice(o.data.name.length+1)+"/").getBoundingSphere(new Xe),l=lr(bu[n.class]),c=new P(...n.direction),h=e.get(n.rides[0])||0;e.set(n.rides[0],h+1);let u=Math.max(a.radius,.001),d=p=>new Ee(new Ns(new Ki(p),Math.max(2,p.length),u*.014,6),new ui({color:l,depthTest:!1,transparent:!0,opacity:.95})),f=(p,g)=>{let x=new Ee(new Nr(u*.05,u*.13,12),new ui({color:l,depthTest:!1,transparent:!0}));return x.position.copy(p),x.quaternion.setFromUnitVectors(new P(0,1,0),g.clone().normalize()),x},m;if(n.kind==="slide"){let p=a.center.clone().addScaledVector(c,-u*.5),g=a.center.clone().addScaledVector(c,u*1.05);this.marks.add(d([p,g]),f(g,c)),m=g.clone().addScaledVector(c,u*.15)}else{let p=new P(...n.point),g=p.clone().addScaledVector(c,a.center.clone().sub(p).dot(c)).addScaledVector(c,u*.35),x=a.center.clone().sub(p);x.addScaledVector(c,-x.dot(c));let S=Math.min(Math.max(u*.5,.2*u),u)*(1+.12*h),v=x.length()>1e-6*u?x.normalize():new P(0,0,1).cross(c).lengthSq()>1e-6?new P(0,0,1).cross(c).normalize():new P(1,0,0),M=c.clone().cross(v),w=[],_=n.kind==="screw"?Math.sign(n.pitch_mm)*u*.3:0;for(let C=0;C<=28;C++){let A=-1.2+3.6*C/28;w.push(g.clone().addScaledVector(v,S*Math.cos(A)).addScaledVector(M,S*Math.sin(A)).addScaledVector(c,_*C/28))}this.marks.add(d(w),f(w[28],w[28].clone().sub(w[27])));let b=new In(new Te().setFromPoints([g.clone().addScaledVector(c,-u*1.3),g.clone().addScaledVector(c,u*.8)]),new ji({color:l,dashSize:u*.08,gapSize:u*.05,depthTest:!1,transparent:!0}));b.computeLineDistances(),this.marks.add(b),m=w[20]}let y=n.rides.length>1?` · ${n.rides.length} ride`:"";(n.class!=="idle"||t.length<4)&&this.label("motion",`${n.kind} · ${n.class}${y}`,()=>m,n.class,r)});for(let n of this.marks.children)n.renderOrder=8}label(t,e,i,n){let r=document.createElement("span");r.textContent=e,r.className=`l-${n}`,this.labelBox.append(r),this.labels.push({kind:t,el:r,where:i})}clearLabels(t){this.labels=this.labels.filter(e=>(e.kind===t&&e.el.remove(),e.kind!==t))}placeLabels(){let t=[];for(let e of this.labels){let i=this.project(e.where()),n=e.el.offsetWidth||80,r=22,o=Math.max(4,Math.min(this.view.clientWidth-n-4,i.x+10)),a=Math.max(44,Math.min(this.view.clientHeight-r-44,i.y-11));for(let l=0;l<24&&t.some(c=>o<c[0]+c[2]&&c[0]<o+n&&a<c[1]+r&&c[1]<a+r);l++)a=a+23>this.view.clientHeight-r-4?44:a+23;t.push([o,a,n]),e.el.style.transform=`translate(${Math.round(o)}px, ${Math.round(a)}px)`}}};function gS(s,t,e){return`${s.data.name}/${t.path}${e.n}`}function wu(s,t){switch(s){case"face":return t.face>=0;case"axis":return!!t.dir&&t.k!=="plane"&&t.k!=="circle";case"rim":return t.k==="circle";case"point":return t.vertex>=0||t.k==="sphere"}return!0}function bm(s,t){s.position.set(...t.origin),s.quaternion.copy(Mu(t)),s.updateMatrixWorld(!0)}function Mu(s){return new nn(s.quaternion[1],s.quaternion[2],s.quaternion[3],s.quaternion[0])}function rc(s){for(let t of[...s.children])s.remove(t),t.geometry&&!t.geometry.boundsTree&&(!t.geometry.index||!t.isMesh)&&t.geometry.dispose(),t.material?.dispose?.()}function _S(s,t,e){let i=e.clone().sub(t),n=i.lengthSq(),r=n?Math.max(0,Math.min(1,s.clone().sub(t).dot(i)/n)):0;return[s.distanceTo(t.clone().addScaledVector(i,r)),r]}var oc=class{constructor(t,e,i){this.form=t,this.stage=e,this.call=i,this.slots={put:null,on:null},this.offers=[],this.chosen=-1,this.sense="",this.inputs=Object.fromEntries(["put","on"].map(r=>[r,t.querySelector(`[data-slot="${r}"] input`)])),this.choices=t.querySelector("#choices"),this.offerBox=t.querySelector("#offers"),this.hint=t.querySelector("#hint"),this.value=t.querySelector("#value"),this.post=t.querySelector("#post"),t.addEventListener("submit",r=>{r.preventDefault(),this.send()});for(let r of["put","on"])this.typing(r);this.offerBox.addEventListener("click",r=>{let o=r.target.closest(".offer");o&&this.choose(+o.dataset.k)}),this.offerBox.addEventListener("keydown",r=>{let o={ArrowRight:1,ArrowDown:1,ArrowLeft:-1,ArrowUp:-1}[r.key];o&&(r.preventDefault(),this.choose((this.chosen+o+this.offers.length)%this.offers.length),this.offerBox.children[this.chosen]?.focus())});let n;this.value.addEventListener("input",()=>{clearTimeout(n),n=setTimeout(()=>this.preview(),250)}),this.tell()}get next(){return this.slots.put?this.slots.on?null:"on":"put"}pick(t){let e=this.next||"on";this.fill(e,t)}async fill(t,e){if(t==="on"&&this.slots.put&&e.k&&this.slots.put.k===e.k){this.say(`Both picks are on ${e.k.data.name}; pick the second one on another part.`,!0);return}this.slots[t]=e,this.sense="",this.inputs[t].value=cr(e),this.inputs[t].title=cr(e),this.closeChoices(),this.mark(),await this.ask()}stepBack(){let t=this.slots.on?"on":this.slots.put?"put":null;return t?(this.slots[t]=null,this.inputs[t].value="",this.sense="",this.offers=[],this.chosen=-1,this.mark(),this.render(),this.tell(),this.stage.home0?.(),this.unpreview(),!0):!1}clear(){return!this.slots.put&&!this.slots.on&&!this.inputs.put.value&&!this.inputs.on.value?!1:(this.slots={put:null,on:null},this.inputs.put.value=this.inputs.on.value="",this.offers=[],this.chosen=-1,this.sense="",this.closeChoices(),this.mark(),this.render(),this.tell(),this.unpreview(),!0)}unpreview(){this.state&&this.stage.goTo(Object.fromEntries(this.state.components.map(t=>[t.name,t.pose])))}mark(){this.stage.setPicked(["put","on"].filter(t=>this.slots[t]).map(t=>({c:this.slots[t],role:t})))}tell(){for(let t of["put","on"])this.inputs[t].parentElement.classList.toggle("next",this.next===t);this.slots.put?this.slots.on||this.say(this.slots.put.k?.data.grounded?`${this.slots.put.k.data.name} is grounded, so what is picked next will move to it.`:"Now pick what it goes on."):this.say("Pick the feature that is to be put somewhere: what is picked first moves.")}say(t,e){this.hint.textContent=t,this.hint.classList.toggle("bad",!!e)}async ask(){if(this.tell(),!this.slots.put||!this.slots.on)return;let t=this.turn=(this.turn||0)+1;this.say("Trying what fits …"),this.form.setAttribute("aria-busy","true");try{let e=await this.call("offers",{Put:this.slots.put.ref,On:this.slots.on.ref,Sense:this.sense});if(t!==this.turn)return;this.offers=e,this.render(),e.length?this.choose(0):this.say("No relation fits these two features.",!0)}catch(e){t===this.turn&&(this.offers=[],this.render(),this.say(e.message,!0))}finally{this.form.removeAttribute("aria-busy")}}render(){this.offerBox.replaceChildren(...this.offers.map((t,e)=>{let i=document.createElement("button");i.type="button",i.className="offer"+(t.odds?" odd":""),i.dataset.k=e,i.dataset.type=t.type,i.setAttribute("role","radio"),i.setAttribute("aria-checked","false"),i.tabIndex=e===0?0:-1;let n=document.createElement("b");n.textContent=t.label;let r=document.createElement("span");r.className="ba",r.textContent=t.odds?"cannot hold":`${t.before} → ${t.after}`;let o=document.createElement("span");return o.className="key",o.textContent=e<9?e+1:"",i.append(o,n,r),i})),this.form.querySelector("#legend").hidden=this.offers.length>0,this.offers.length||(this.chosen=-1,this.extras(null),this.post.disabled=!0)}extras(t){let e=(r,o)=>{for(let a of this.form.querySelectorAll(`[data-extra="${r}"]`))a.hidden=!o};e("facing",!!t?.sense),e("value",t?.value!=null),e("joint",!!t?.joint&&t.type!=="spherical");let i={revolute:["Let","turn about"],prismatic:["Let","slide along"],cylindrical:["Let","turn and slide on"]}[t?.type]||["Put","on"];["put","on"].forEach((r,o)=>{this.form.querySelector(`[data-word="${r}"]`).textContent=i[o]});let n=this.stage.previewing;this.stage.previewing=!!t,n&&!t&&(this.stage.freedoms(this.stage.motions||[]),this.stage.draw()),t?.sense&&(this.form.querySelector(".slotbutton").textContent=t.sense==="same"?"the same way":"opposite"),t?.value!=null&&(this.value.value=yS(t.value),this.form.querySelector("#unit").textContent=t.unit),t?.joint&&(this.form.querySelector("#junit").textContent=t.unit)}choose(t){let e=this.offers[t];e&&(this.chosen=t,[...this.offerBox.children].forEach((i,n)=>{i.setAttribute("aria-checked",n===t),i.tabIndex=n===t?0:-1}),this.offerBox.children[t].scrollIntoView({block:"nearest",inline:"nearest"}),this.extras(e),this.post.disabled=!1,this.tellOffer(e),this.preview3d(e))}preview3d(t){this.stage.goTo({...Object.fromEntries((this.state?.components||[]).map(e=>[e.name,e.pose])),...t.poses})}tellOffer(t){let e=[];t.note&&e.push(t.note),e.push(`leaves ${t.leaves}`),t.moves.length?e.push(t.moves.length===1?`moves ${t.moves[0]}`:`moves ${t.moves.length} parts`):e.push("moves nothing"),t.doubled>0&&e.push(`${t.doubled} of ${t.asked} repeat others`),this.say(t.odds?`${t.label}: ${t.odds}`:e.join(" · "),!!t.odds)}async preview(){let t=this.offers[this.chosen];if(!t)return;let e=this.act();if(!e)return;let i=this.turn=(this.turn||0)+1;try{let n=await this.call("try",e);if(i!==this.turn)return;Object.assign(t,{...n,label:t.label,unit:t.unit,joint:t.joint,note:t.note,value:t.value}),this.offerBox.children[this.chosen].querySelector(".ba").textContent=t.odds?"cannot hold":`${t.before} → ${t.after}`,t.sense&&(this.form.querySelector(".slotbutton").textContent=t.sense==="same"?"the same way":"opposite"),this.tellOffer(t),this.preview3d(t)}catch(n){i===this.turn&&this.say(n.message,!0)}}flip(){let t=this.offers[this.chosen];t?.sense&&(t.sense=t.sense==="same"?"opposed":"same",this.preview())}act(){let t=this.offers[this.chosen],e={do:"relate",type:t.type,put:this.slots.put.ref,on:this.slots.on.ref,sense:t.sense||""};if(t.value!=null){let i=ac(this.value.value);if(i===null)return this.say("Write a number, such as 12.5.",!0),null;e.value=i}return e}async send(){let t=this.offers[this.chosen];if(!t||this.post.disabled)return;let e=this.act();if(e){if(t.joint){for(let[i,n]of[["lo","#lo"],["hi","#hi"]]){let r=this.form.querySelector(n).value.trim();if(r){let o=ac(r);if(o===null){this.say("Limits are numbers, or left empty.",!0);return}e[i]=o}}e.plan=this.form.querySelector("#mean").checked}this.post.disabled=!0,await this.onpost(e)?(this.slots={put:null,on:null},this.inputs.put.value=this.inputs.on.value="",this.form.querySelector("#lo").value=this.form.querySelector("#hi").value="",this.offers=[],this.mark(),this.render(),this.tell(),document.activeElement===this.inputs.on&&this.inputs.put.focus()):this.post.disabled=!1}}typing(t){let e=this.inputs[t],i=-1,n=[],r=()=>(n=this.search(e.value,t),i=n.length?0:-1,this.choices.replaceChildren(...n.map((o,a)=>{let l=document.createElement("li");return l.id=`choice-${a}`,l.setAttribute("role","option"),l.setAttribute("aria-selected",a===0),l.textContent=cr(o),l.addEventListener("mousedown",c=>{c.preventDefault(),this.fill(t,o)}),l.addEventListener("mouseenter",()=>this.stage.setHover(o)),l})),this.choices.hidden=!n.length,e.setAttribute("aria-expanded",!this.choices.hidden),i>=0&&e.setAttribute("aria-activedescendant","choice-0"),n.length>0||!e.value.trim());e.addEventListener("input",()=>{this.slots[t]&&(this.slots[t]=null,this.offers=[],this.render(),this.mark()),r()?this.tell():this.say("Nothing here is called so. Try the part's name and a word such as hole, face or rim.",!0)}),e.addEventListener("focus",()=>e.select()),e.addEventListener("keydown",o=>{if(o.key==="ArrowDown"||o.key==="ArrowUp"){if(o.preventDefault(),this.choices.hidden){r();return}i=(i+(o.key==="ArrowDown"?1:-1)+n.length)%n.length,[...this.choices.children].forEach((a,l)=>a.setAttribute("aria-selected",l===i)),this.choices.children[i].scrollIntoView({block:"nearest"}),e.setAttribute("aria-activedescendant",`choice-${i}`),this.stage.setHover(n[i])}else o.key==="Enter"&&!this.choices.hidden&&n[i]?(o.preventDefault(),this.stage.setHover(null),this.fill(t,n[i]),(t==="put"?this.inputs.on:this.post).focus()):o.key==="Escape"&&!this.choices.hidden&&(o.stopPropagation(),this.closeChoices())}),e.addEventListener("blur",()=>setTimeout(()=>{document.activeElement!==e&&(this.closeChoices(),this.stage.setHover(null))},120))}closeChoices(){this.choices.hidden=!0;for(let t of Object.values(this.inputs))t.setAttribute("aria-expanded","false")}search(t,e){let i=t.toLowerCase().split(/[\s·›]+/).filter(Boolean),n=[],r=this.slots[e==="put"?"on":"put"],o=a=>{let l=cr(a).toLowerCase()+" "+a.ref.toLowerCase();i.every(c=>l.includes(c))&&n.push(a)};for(let a of this.stage.comps.values())if(!(r&&r.k===a)){for(let l of a.shapes){for(let c of l.d.head.features)c.vertex<0&&wu(this.filter||"all",c)&&o({k:a,s:l,f:c,ref:`${a.data.name}/${l.path}${c.n}`});for(let c of l.d.byName.values())c.built&&i.length&&o({k:a,s:l,f:c,ref:`${a.data.name}/${l.path}${c.n}`})}if(n.length>200)break}for(let a of["xy","yz","zx","x","y","z","origin"])o(this.stage.find(`@/${a}`));return n.slice(0,60)}};function cr(s){if(!s.k)return`${s.f.n==="origin"?"origin":s.f.n+(s.f.k==="plane"?" plane":" axis")} · the assembly`;let t=s.f.built?"":` (${s.f.n})`;return`${s.where?s.where+" of ":""}${xS(s.f)} · ${s.k.data.name}${s.s.path?" › "+s.s.path.replace(/\/$/,"").replaceAll("/"," › "):""}${t}`}function xS(s){return s.k==="cylinder"?`axis of ${s.label}`:s.label}var yS=s=>String(Math.round(s*1e4)/1e4);function ac(s){let t=Number(s.trim().replace(",",".").replace("−","-"));return s.trim()===""||!isFinite(t)?null:t}Ae();var lc=class{constructor(){this.worker=new Worker("/static/dist/core-worker.js",{type:"module"}),this.waiting=new Map,this.next=1,this.names=[],this.movable=[],this.worker.onmessage=({data:t})=>{let e=this.waiting.get(t.id);this.waiting.delete(t.id),t.error?e?.failed(new Error(t.error)):e?.done(t)},this.worker.onerror=t=>{for(let e of this.waiting.values())e.failed(new Error(t.message||"the core could not be started"));this.waiting.clear()},this.loaded=this.ask("load",{url:"/static/dist/core.wasm"})}ask(t,e){let i=this.next++;return new Promise((n,r)=>{this.waiting.set(i,{done:n,failed:r}),this.worker.postMessage({task:t,id:i,...e})})}async open(t){await this.loaded;let{names:e,movable:i,poses:n}=await this.ask("open",{document:t});return this.names=e,this.movable=i,n}grab(t,e){return this.ask("grab",{index:this.names.indexOf(t),point:e})}pull(t){return this.ask("pull",{to:t})}close(){this.worker.terminate()}};var cc=class{constructor(t){this.b=t,this.on=!1,this.seq=null}async toggle(t=!this.on){if(this.on=t,this.b.view.classList.toggle("tug",t),this.b.shown(t),!t){this.letGo(!1);return}await this.ready()}async ready(){let t=this.b.state().seq;if(this.seq===t)return!0;try{this.live||(this.live=new lc);let e=await fetch(`/a/${this.b.asm}/bare`);if(!e.ok)throw new Error("the assembly could not be fetched");return await this.live.open(await e.text()),this.seq=t,!0}catch(e){return this.live?.close(),this.live=null,this.seq=null,this.b.tell(`Parts cannot be pulled about here: ${e.message}`,!0),this.on&&this.toggle(!1),!1}}named(t){let{name:e,base:i}=t.k.data;return i!==void 0&&this.live&&!this.live.names.includes(t.name)?`${e}/${i}`:t.name}movable(t){return!!this.live?.movable[this.live.names.indexOf(t)]}says(t,e){let i=this.b.stage.partAt(t,e);if(!i)return"";let n=this.named(i);return this.movable(n)?`${yo(n)} · pull`:`${yo(n)} · cannot move`}take(t,e){let i=this.b.stage.partAt(t,e);if(!this.on||!i||!this.live||this.seq!==this.b.state().seq)return!1;let n=this.named(i);if(!this.movable(n))return this.b.tell(`${yo(n)} cannot move.`),!0;let r=i.frame.worldToLocal(i.at.clone());return this.held={name:n,frame:i.frame,own:r,at:i.at.clone(),moved:!1},this.b.stage.controls.enabled=!1,this.grabbed=this.live.grab(n,r.toArray()).catch(o=>{this.b.tell(o.message,!0),this.letGo(!1)}),!0}next(){if(!this.live||this.seq!==this.b.state().seq)return;let t=this.live.names.filter(n=>this.movable(n)&&this.b.stage.part(n));if(!t.length){this.b.tell("Nothing here can move.");return}this.letGo(!0);let e=t[(t.indexOf(this.by)+1)%t.length],i=this.b.stage.part(e);this.by=e,this.held={name:e,frame:i.frame,own:i.frame.worldToLocal(i.middle.clone()),at:i.middle,moved:!1,keys:!0},this.b.light(e.split("/")[0]),this.b.says(`${yo(e)} is held · arrows pull it, Enter parks it, Escape puts it back`),this.grabbed=this.live.grab(e,this.held.own.toArray()).catch(n=>{this.b.tell(n.message,!0),this.letGo(!1)})}nudge(t,e){let i=this.held;i&&(i.at=this.b.stage.beside(i.at,t*14,e*14),this.pull(i.at))}move(t,e){this.held&&!this.held.keys&&this.pull(this.b.stage.across(t,e,this.held.at))}async pull(t){if(this.want=t,!this.busy){this.busy=!0;try{for(await this.grabbed;this.want&&this.held;){let e=this.want;this.want=null;let i=await this.live.pull(e.toArray());if(!this.held)break;this.last=i,this.held.moved=!0;let n=this.held.own.clone();this.b.stage.put(this.live.names,i.poses,null),this.held.frame.localToWorld(n);let r=n.distanceTo(e)>this.b.stage.pixel(n)*4;this.b.stage.put(this.live.names,i.poses,r?[n,e]:null),this.b.says(`pulling ${yo(this.held.name)}${r?" · it comes no nearer":""} · let go to park it, Escape to put it back`)}}catch(e){this.b.tell(e.message,!0),this.letGo(!1)}finally{this.busy=!1}}}letGo(t){let e=this.held;if(!e||(this.held=null,this.want=null,this.b.stage.controls.enabled=!0,e.keys&&this.b.light(null),this.b.says(""),!e.moved))return;if(!t){this.seq=null,this.b.restore(),this.ready();return}let i={},n=new Map(this.b.state().components.map(o=>[o.name,o.pose])),r=new Map(this.b.state().components.filter(o=>o.base!==void 0).map(o=>[`${o.name}/${o.base}`,o.name]));if(this.live.names.forEach((o,a)=>{let l=r.get(o)||o,c=n.get(l);if(!c)return;let h=this.last.poses.subarray(7*a,7*a+7);(new P(h[0],h[1],h[2]).distanceTo(new P(...c.origin))>1e-9||Math.abs(c.quaternion[0]*h[3]+c.quaternion[1]*h[4]+c.quaternion[2]*h[5]+c.quaternion[3]*h[6])<1-1e-14)&&(i[l]={origin:[h[0],h[1],h[2]],quaternion:[h[3],h[4],h[5],h[6]]})}),!Object.keys(i).length){this.seq=null,this.b.refresh(),this.b.tell("What moves in a subassembly is parked on its own Bench; here it goes back."),this.ready();return}this.b.park(e.name,i).then(o=>{o||(this.seq=null,this.b.restore()),this.ready()})}},yo=s=>s.replaceAll("/"," › ");async function Mm(s){let t=U=>document.querySelector(U),e=t("#account"),i=t("#view"),n=t("#under"),r=t("#said"),o=null,a,l=new Set,c="all",h=[],u=0,d=0,f=null,m=null;async function y(U,q,Q="POST"){let N;try{N=await fetch(`/a/${s}/${U}`,{method:Q,headers:{"Content-Type":"application/json",Accept:"application/json"},body:Q==="POST"?JSON.stringify(q):void 0})}catch{throw new Error("The server does not answer. What was done is kept; waiting for it …")}if(N.status===204)return null;let Ot;try{Ot=await N.json()}catch{Ot={}}if(!N.ok){let Mt=new Error(Ot.error||"That did not work.");throw Mt.status=N.status,Mt}return Ot}function p(U,q){r.textContent=U,r.classList.toggle("bad",!!q),r.hidden=!1,clearTimeout(p.t),p.t=setTimeout(()=>{r.hidden=!0},q?7e3:3200)}try{a=new xo(i,t("#labels"))}catch{t("#lost").hidden=!1,a=new Tu}let g=new oc(t("#saying"),a,y);g.onpost=U=>C(U);async function x(U,q){let Q=o===null;o=U,g.state=U,t("#balance").innerHTML=U.balance;let N=S(document.activeElement),Ot=e.scrollTop;e.innerHTML=U.account;for(let Mt of e.querySelectorAll(".line"))l.has(Mt.dataset.component)&&it(Mt,!0);e.scrollTop=Ot,N?.();for(let[Mt,Jt]of[["undo",U.undo],["redo",U.redo]]){let lt=t(`[data-act="${Mt}"]`);lt.disabled=!Jt,lt.title=Jt?`${Mt==="undo"?"Take back":"Do again"}: ${Jt}`:"nothing to "+(Mt==="undo"?"take back":"do again")}t("#empty").hidden=U.components.length>0,m=null,a.light(null),await a.show(U,q&&!Q),U.said&&p(U.said),U.note&&p(U.note,!0),document.body.dataset.seq=U.seq,R.on&&!R.held&&R.ready()}function S(U){if(!U||!e.contains(U))return null;let q=U.closest(".line")?.dataset.component,Q=U.closest(".mate")?.dataset.mate,N=U.dataset?.act,Ot=U.dataset?.end;return()=>{for(let Mt of e.querySelectorAll("[data-act]"))if(Mt.dataset.act===N&&Mt.dataset.end===Ot&&Mt.closest(".line")?.dataset.component===q&&Mt.closest(".mate")?.dataset.mate===Q){Mt.focus({preventScroll:!0});return}e.focus({preventScroll:!0})}}let v=!1,M=!1;async function w(){if(!M){for(M=!0;;){await new Promise(U=>setTimeout(U,1500));try{let U=await y(`state?since=${o.seq}`,null,"GET");U&&await x(U,!0),p(U?"The server answers again; here is how it stands now.":"The server answers again. Nothing has changed; go on.");break}catch(U){if(U.status&&U.status!==503)break;p(U.message,!0)}}M=!1}}async function _(U,q,Q){if(v)return!1;if(M)return p("The server does not answer yet; waiting for it …",!0),!1;v=!0,document.body.setAttribute("aria-busy","true");let N=crypto.getRandomValues(new Uint32Array(4)).join("-").slice(0,40);try{let Ot=await b(()=>y(U,{...q,base:o.seq,token:N}));return await x(Ot.later?await b(()=>y("state",null,"GET")):Ot,Q),Ot.later&&Ot.said&&p(Ot.said),!0}catch(Ot){return p(Ot.message,!0),Ot.status===409&&await x(await y("state",null,"GET"),!0),(Ot.status===void 0||Ot.status===503)&&w(),!1}finally{v=!1,document.body.removeAttribute("aria-busy")}}async function b(U){for(let q=1;;q++)try{return await U()}catch(Q){if(q===4||Q.status!==503&&Q.status!==void 0)throw Q;await new Promise(N=>setTimeout(N,400*q))}}let C=(U,q=!0)=>_("do",U,q);function A(U){v||!(U==="undo"?o.undo:o.redo)||(g.clear(),_(U,{},!0))}async function I(){if(!(!o||v||R.held||document.visibilityState!=="visible")){v=!0;try{let U=await y(`state?since=${o.seq}`,null,"GET");U&&(await x(U,!0),p("This was changed in another window; here is how it stands now."))}catch(U){p(U.message,!0)}finally{v=!1}}}addEventListener("focus",I),document.addEventListener("visibilitychange",I);let R=new cc({asm:s,stage:a,view:i,tell:p,state:()=>o,light:U=>a.light(U&&[U]),says:U=>{n.hidden=!U,n.textContent=U},park:(U,q)=>C({do:"move",component:U,poses:q}),refresh:()=>a.show(o,!0),restore:()=>a.show(o,!0),shown:U=>{t('[data-act="tug"]').setAttribute("aria-pressed",U),U&&i.focus({preventScroll:!0}),h=[],L(),U&&p("Pull a part to see what it can do; N takes the next one by keys. Escape ends it.")}});i.addEventListener("pointerdown",U=>{if(!R.on||U.button!==0)return;let q=i.getBoundingClientRect();R.take(U.clientX-q.left,U.clientY-q.top)&&(U.stopPropagation(),R.held&&i.setPointerCapture(U.pointerId))},!0),i.addEventListener("pointermove",U=>{if(R.held){let q=i.getBoundingClientRect();R.move(U.clientX-q.left,U.clientY-q.top)}},!0),i.addEventListener("pointerup",()=>R.letGo(!0),!0),i.addEventListener("pointercancel",()=>R.letGo(!1),!0);function F(){let U=h[u];if(!U)return null;let q=U.s.d.anchors(U.f),Q=q[d%q.length];return Q.f===U.f?{...U,where:""}:{k:U.k,s:U.s,f:Q.f,where:"",ref:`${U.k.data.name}/${U.s.path}${Q.f.n}`,end:Q.where}}function L(){let U=F();if(a.setHover(U),n.hidden=!U,i.classList.toggle("pick",!!U),!U)return;let q=h[u].s.d.anchors(h[u].f).length>1?` · E ends${U.end?": "+U.end:""}`:"";n.textContent=`${cr(U)}${h.length>1?` · ${u+1} of ${h.length} under cursor, Q next`:""}${q}`}let k=!1;i.addEventListener("pointermove",U=>{if(R.on&&!U.buttons){let Q=i.getBoundingClientRect(),N=R.says(U.clientX-Q.left,U.clientY-Q.top);n.hidden=!N,n.textContent=N,i.classList.toggle("canpull",N.endsWith("pull"));return}if(R.held)return;if(U.buttons){n.hidden=!0,a.setHover(null);return}let q=i.getBoundingClientRect();f=[U.clientX-q.left,U.clientY-q.top],!k&&(k=!0,requestAnimationFrame(()=>{if(k=!1,!f)return;let Q=h[0]?.ref;h=a.candidates(...f,c),(h[0]?.ref!==Q||u>=h.length)&&(u=0,d=0),L()}))}),i.addEventListener("pointerleave",()=>{f=null,h=[],L()});let z=null;i.addEventListener("pointerdown",U=>{z=[U.clientX,U.clientY,U.button],i.focus({preventScroll:!0})}),i.addEventListener("pointerup",U=>{if(R.on||!z||z[2]!==0||Math.hypot(U.clientX-z[0],U.clientY-z[1])>4)return;let q=i.getBoundingClientRect();(!h.length||!f||Math.hypot(f[0]-(U.clientX-q.left),f[1]-(U.clientY-q.top))>1)&&(f=[U.clientX-q.left,U.clientY-q.top],h=a.candidates(...f,c),u=d=0);let Q=F();Q&&g.pick(Q)}),i.addEventListener("contextmenu",U=>U.preventDefault());for(let U of document.querySelectorAll("[data-filter]"))U.addEventListener("click",()=>G(U.dataset.filter));function G(U){c=g.filter=U;for(let q of document.querySelectorAll("[data-filter]"))q.setAttribute("aria-checked",q.dataset.filter===U)}function it(U,q){let Q=U.querySelector(".rowopen"),N=U.querySelector(".inside");Q.setAttribute("aria-expanded",q),N.hidden=!q,q?l.add(U.dataset.component):l.delete(U.dataset.component)}function Y(U,q){m===q?(m=null,a.light(null)):(m=q,a.light(U));for(let Q of e.querySelectorAll(".line"))Q.classList.toggle("lit",m!==null&&U.includes(Q.dataset.component))}let tt=U=>[...new Set(o.mates.filter(q=>U.includes(q.id)).flatMap(q=>q.bodies))];e.addEventListener("click",async U=>{let q=U.target.closest("[data-act]");if(!q||q.tagName==="INPUT")return;let Q=q.closest(".line")?.dataset.component,N=q.closest(".mate")?.dataset.mate,Ot=q.closest("[data-motion]")?.dataset.motion;switch(q.dataset.act){case"open":{let Mt=q.closest(".line"),Jt=!Mt.querySelector(".inside").hidden;it(Mt,!Jt),Jt?(m="x",Y([],"x")):Y([Q],"c:"+Q);break}case"light":Y(tt([N]),"m:"+N);break;case"light-set":{let Mt=q.dataset.mates.split(`
`).filter(Boolean);Y(tt(Mt),"s:"+Mt.join());break}case"turn":C({do:"turn",relation:N});break;case"suppress":C({do:"suppress",relation:N,on:!0});break;case"revive":C({do:"suppress",relation:N,on:!1});break;case"unrelate":C({do:"unrelate",relation:N});break;case"ground-origin":C({do:"ground",component:Q,on:!0,origin:!0});break;case"ground-here":C({do:"ground",component:Q,on:!0});break;case"unground":C({do:"ground",component:Q,on:!1});break;case"suppress-part":C({do:"suppress",component:Q,on:!0});break;case"revive-part":C({do:"suppress",component:Q,on:!1});break;case"flex":C({do:"flex",component:Q,on:!0});break;case"stiff":C({do:"flex",component:Q,on:!1});break;case"remove":C({do:"remove",component:Q});break;case"rename":{let Mt=await _t(`Rename ${Q}`,Q);Mt&&Mt!==Q&&(l.delete(Q)&&l.add(Mt),C({do:"rename",component:Q,to:Mt}));break}case"hide":{let Mt=new Set(a.hidden);Mt.delete(Q)?q.textContent="hide":(Mt.add(Q),q.textContent="show"),a.setHidden(Mt);break}case"only":{let Mt=o.components.map(be=>be.name),Jt=new Set(Mt.filter(be=>be!==Q)),lt=a.hidden.size===Jt.size&&!a.hidden.has(Q);a.setHidden(lt?new Set:Jt),q.textContent=lt?"show only this":"show all";break}case"remedy":C({do:"remedy",finding:+q.dataset.odds,remedy:+q.dataset.remedy});break;case"mean":C({do:"plan",motion:+Ot});break;case"unplan":C({do:"unplan",at:+q.dataset.index});break;case"swing":nt(+Ot);break}}),e.addEventListener("change",U=>{let q=U.target.closest("input[data-act]");if(!q)return;let Q=q.closest(".mate").dataset.mate,N=q.value.trim()===""?null:ac(q.value);if(q.dataset.act==="value"&&q.value.trim()!==""&&N===null){C({do:"set",relation:Q,text:q.value.trim()}).then(Mt=>{Mt||(q.value=q.defaultValue)});return}if(q.dataset.act==="value"){if(N===null){q.value=q.defaultValue;return}C({do:"set",relation:Q,to:N});return}let Ot=q.value.trim()===""?{}:N===null?{text:q.value.trim()}:{to:N};C({do:"limit",relation:Q,of:q.dataset.of,end:q.dataset.end,...Ot}).then(Mt=>{Mt||(q.value=q.defaultValue)})}),e.addEventListener("keydown",U=>{let q=U.target.closest(".rowopen");if(!q)return;let Q=[...e.querySelectorAll(".rowopen")],N=Q.indexOf(q);U.key==="ArrowDown"&&(U.preventDefault(),Q[Math.min(N+1,Q.length-1)].focus()),U.key==="ArrowUp"&&(U.preventDefault(),Q[Math.max(N-1,0)].focus())});async function nt(U){try{let q=await y(`swing/${U}`,null,"GET");if(!q.poses||q.poses.length<2){p("This motion goes nowhere: it exists only at this very pose.");return}await a.swing(q.names,q.poses),a.goTo(Object.fromEntries(o.components.map(Q=>[Q.name,Q.pose])))}catch(q){p(q.message,!0)}}let xt=t("#placing"),Dt=new Map;function J(){Dt=new Map;for(let U of xt.querySelectorAll("[data-key]"))U.value=0;xt.returnValue="",xt.showModal(),xt.querySelector("[data-more]")?.focus(),Rt()}function at(U){let q=Math.max(0,Math.min(99,Math.floor(+U.value)||0));q?Dt.set(U.dataset.key,q):Dt.delete(U.dataset.key)}function bt(){return[...Dt].flatMap(([U,q])=>Array(q).fill(U))}function Rt(){let U=bt().length;t("#placego").textContent=U?`Place ${U}`:"Place",t("#placego").disabled=!U;let q=U&&xt.querySelector(`[data-key="${[...Dt.keys()][0]}"]`).closest("li").querySelector(".strong").textContent;t("#placing-base").textContent=o?.components.length?"Arrivals are spread out so that none hides another.":q?`${q} was chosen first: it is the base, grounded on the origin.`:"Choose the base first: it is grounded on the origin, the others are spread out beside it."}xt.addEventListener("click",U=>{let q=U.target.closest("[data-more]");if(q){let Q=document.getElementById(q.dataset.more);Q.value=+Q.value+1,at(Q),Rt()}}),xt.addEventListener("input",U=>{if(U.target.id==="placing-find"){let q=U.target.value.toLowerCase();for(let Q of xt.querySelectorAll(".pickparts li"))Q.hidden=!Q.dataset.words.includes(q)}else U.target.dataset.key&&at(U.target);Rt()}),xt.addEventListener("close",()=>{xt.returnValue==="go"&&C({do:"place",items:bt()},!1)}),xt.addEventListener("keydown",U=>{U.key==="Enter"&&U.target.tagName==="INPUT"&&(U.preventDefault(),bt().length&&xt.close("go"))});function _t(U,q){let Q=t("#asking"),N=t("#asking-text");return t("#asking-h").textContent=U,N.value=q,Q.returnValue="",Q.showModal(),N.select(),N.onkeydown=Ot=>{Ot.key==="Enter"&&(Ot.preventDefault(),Q.close("go"))},new Promise(Ot=>Q.addEventListener("close",()=>Ot(Q.returnValue==="go"?N.value.trim():null),{once:!0}))}let Ft=[["Place parts","P",J],["Take back the last line","Ctrl Z",()=>A("undo")],["Do again what was taken back","Ctrl Y",()=>A("redo")],["Show everything","H",()=>{a.setHidden(new Set),a.home()}],["Draw or leave out the freedoms","F",()=>{a.showFreedoms=!a.showFreedoms,t('[data-act="freedoms"]').setAttribute("aria-pressed",a.showFreedoms),a.freedoms(o.motions),a.draw()}],["Pull parts about by hand","T",()=>R.toggle()],["Begin a sentence","S",()=>g.inputs[g.next||"put"].focus()],["Turn the alignment round in the sentence","R",()=>g.flip()],["Take back the last pick","Backspace",()=>g.stepBack()],["Clear the sentence","Escape",()=>g.clear()],["Next feature under the cursor","Q",()=>{h.length&&(u=(u+1)%h.length,d=0,L())}],["Next end of the feature under the cursor","E",()=>{d++,L()}],["Pick anything","Alt 1",()=>G("all")],["Pick faces only","Alt 2",()=>G("face")],["Pick axes only","Alt 3",()=>G("axis")],["Pick rims only","Alt 4",()=>G("rim")],["Pick points only","Alt 5",()=>G("point")],["Go to the account","A",()=>(e.querySelector(".rowopen")||e).focus()],["Go to the stage","G",()=>i.focus()],["Ground a part on the origin","",()=>on(U=>C({do:"ground",component:U,on:!0,origin:!0}))],["Ground a part where it stands","",()=>on(U=>C({do:"ground",component:U,on:!0}))],["Unground a part","",()=>on(U=>C({do:"ground",component:U,on:!1}))],["Remove a part","",()=>on(U=>C({do:"remove",component:U}))],["Rename this assembly","",async()=>{let U=await _t("Name of the assembly",t(".path b").textContent);U&&await C({do:"title",to:U})&&(t(".path b").textContent=U)}],["Count the spin of fasteners as loose","",()=>C({do:"settings",fasteners_held:!0})],["Let fasteners spin","",()=>C({do:"settings",fasteners_held:!1})],["Save as an assembly file","",()=>{location.href=`/a/${s}/export`}],["Go to the Shelf","",()=>{location.href=t(".path a").href}]],xe=t("#commands"),Ct=t("#command-find"),Zt=t("#command-list"),ee=[],Gt=0,Ie=null;function Se(U){Ie=U||Ft,Ct.value="",Ge(),xe.showModal(),Ct.focus()}function Ge(){let U=Ct.value.toLowerCase().split(/\s+/).filter(Boolean);ee=Ie.filter(([q])=>U.every(Q=>q.toLowerCase().includes(Q))),Gt=0,Zt.replaceChildren(...ee.map(([q,Q],N)=>{let Ot=document.createElement("li");Ot.id=`cmd-${N}`,Ot.setAttribute("role","option"),Ot.setAttribute("aria-selected",N===0);let Mt=document.createElement("span");Mt.className="soft",Mt.textContent=Q;let Jt=document.createElement("span");return Jt.textContent=q,Ot.append(Jt,Mt),Ot.addEventListener("click",()=>ge(N)),Ot}))}function ge(U){xe.close();let q=ee[U];q&&setTimeout(q[2],0)}Ct.addEventListener("input",Ge),Ct.addEventListener("keydown",U=>{if(U.key==="ArrowDown"||U.key==="ArrowUp"){if(U.preventDefault(),!ee.length)return;Gt=(Gt+(U.key==="ArrowDown"?1:-1)+ee.length)%ee.length,[...Zt.children].forEach((q,Q)=>q.setAttribute("aria-selected",Q===Gt)),Zt.children[Gt].scrollIntoView({block:"nearest"}),Ct.setAttribute("aria-activedescendant",`cmd-${Gt}`)}U.key==="Enter"&&(U.preventDefault(),ge(Gt))});function on(U){Se(o.components.map(q=>[q.name,"",()=>U(q.name)]))}let Re={p:0,h:3,f:4,t:5,s:6,r:7,backspace:8,escape:9,q:10,e:11,a:17,g:18};addEventListener("keydown",U=>{if(document.querySelector("dialog[open]"))return;let q=U.target.matches("input, textarea, select"),Q=U.key.toLowerCase();if((U.ctrlKey||U.metaKey)&&!U.altKey){if(q&&U.target.value!==U.target.defaultValue&&(Q==="z"||Q==="y"))return;Q==="z"&&!U.shiftKey&&(U.preventDefault(),A("undo")),(Q==="y"||Q==="z"&&U.shiftKey)&&(U.preventDefault(),A("redo"));return}if(U.altKey){let N=["all","face","axis","rim","point"][+U.key-1];N&&(U.preventDefault(),G(N));return}if(Q==="escape"){if(R.held){R.letGo(!1);return}if(R.on){R.toggle(!1);return}if(q&&U.target.blur(),!g.clear()){m=null,a.light(null);for(let N of e.querySelectorAll(".lit"))N.classList.remove("lit")}return}if(!q){if(R.on&&!U.target.closest("button, a")){let N={arrowleft:[-1,0],arrowright:[1,0],arrowup:[0,1],arrowdown:[0,-1]}[Q];if(Q==="n"){U.preventDefault(),R.next();return}if(N&&R.held){U.preventDefault(),R.nudge(...N);return}if(Q==="enter"&&R.held){U.preventDefault(),R.letGo(!0);return}}if(Q==="enter"&&(U.target===i||U.target===document.body)&&!t("#post").disabled){U.preventDefault(),g.send();return}if(/^[1-9]$/.test(Q)&&g.offers[+Q-1]){U.preventDefault(),g.choose(+Q-1);return}if(U.target===i){let N={ArrowLeft:[-.15,0],ArrowRight:[.15,0],ArrowUp:[0,-.12],ArrowDown:[0,.12]}[U.key];if(N){U.preventDefault(),a.turn(...N);return}if(Q==="+"||Q==="="){a.nearer(.87);return}if(Q==="-"){a.nearer(1.15);return}}if(Q==="/"){U.preventDefault(),Se();return}Q in Re&&(U.preventDefault(),Ft[Re[Q]][2]())}}),document.addEventListener("click",U=>{let q=U.target.closest(".bar [data-act], .stage [data-act], .sentence [data-act]");q&&{undo:()=>A("undo"),redo:()=>A("redo"),place:J,home:Ft[3][2],freedoms:Ft[4][2],tug:()=>R.toggle(),commands:()=>Se(),clear:()=>g.clear(),facing:()=>g.flip()}[q.dataset.act]?.()});try{await x(await y("state",null,"GET"))}catch(U){e.innerHTML="";let q=document.createElement("p");q.className="notice",q.textContent=U.message,e.append(q)}document.body.dataset.ready="yes",window.setfast={where(U){let q=a.find(U);if(!q?.s)return null;q.s.holder.updateWorldMatrix(!0,!0);let Q=a.project(a.spot(q)),N=i.getBoundingClientRect();return[Q.x+N.left,Q.y+N.top]},pick(U){let q=a.find(U);return q&&g.pick(q),!!q},refs(U){let q=a.comps.get(U);return q?q.shapes.flatMap(Q=>Q.d.head.features.map(N=>({ref:`${U}/${Q.path}${N.n}`,kind:N.k,label:N.label,at:N.o,dir:N.z}))):[]},state:()=>o,tug:R}}var Tu=class{constructor(){this.comps=new Map,this.hidden=new Set}async show(t){let{loadShape:e}=await Promise.resolve().then(()=>(Su(),vm));this.comps=new Map;for(let i of t.components)i.suppressed||this.comps.set(i.name,{data:i,shapes:await Promise.all(i.shapes.map(async n=>({path:n.path,d:await e(n.sha)})))})}find(t){return xo.prototype.find.call(this,t)}goTo(){}light(){}setPicked(){}setHover(){}setHidden(t){this.hidden=t}home(){}draw(){}freedoms(){}turn(){}nearer(){}candidates(){return[]}partAt(){return null}async swing(){}};window.htmx=Bu;async function wm(s,t){let e,i={};try{e=await fetch(s,{method:t,headers:{Accept:"application/json"}})}catch{return alert("The server does not answer. Nothing was changed; try again."),!1}if(e.ok)return!0;try{i=await e.json()}catch{}return alert(i.error||"That did not work."),!1}document.addEventListener("click",async s=>{let t=s.target.closest("[data-delete], [data-back]");!t||t.dataset.ask&&!confirm(t.dataset.ask)||!await(t.dataset.back?wm(t.dataset.back,"POST"):wm(t.dataset.delete,"DELETE"))||(t.closest(".offlist")&&t.dataset.delete?t.closest("li").remove():location.reload())});var{place:Tm,project:vS,asm:SS}=document.body.dataset;Tm==="shelf"&&(zu(vS),document.body.dataset.ready="yes");Tm==="bench"&&Mm(SS);
/*! Bundled license information:

three/build/three.core.js:
three/build/three.module.js:
  (**
   * @license
   * Copyright 2010-2026 Three.js Authors
   * SPDX-License-Identifier: MIT
   *)
*/
